import { expect } from 'chai'
import { before, describe, it } from 'mocha'
import { exercises } from '../../demo/practice.ts'
import { dayOf } from '../../src/core/plan/calendar.ts'
import type { Exercise } from '../../src/document/pieces/piece.ts'
import type { KnownPiece } from '../../src/document/pieces/score.ts'
import { nextPiece, scoreOf } from '../../src/document/pieces/score.ts'
import { shippedPieces } from '../../src/document/pieces/shipped.ts'
import { faultReasons } from '../../src/document/pieces/reasons.ts'
import { piecesJudged } from '../../src/studio/practising.ts'

const now = '2026-11-28T12:00'

describe('the practice pieces that come with the program', () => {
  let judged: readonly KnownPiece[]
  const reasonsOf = (id: string) => judged.find((one) => one.id === id)!.reasons
  before(() => {
    judged = piecesJudged(now)
  })

  it('are eighteen, and some have nothing wrong with them', () => {
    expect(judged).to.have.length(18)
    expect(judged.filter(({ reasons }) => reasons.length === 0)).to.have.length(5)
  })
  it('hold what a teacher would point at', () => {
    const pointedAt: Readonly<Record<string, string>> = {
      'two-jugs': 'leaner',
      'harbour-wall': 'thin-over-thick',
      'poppy-field': 'faster',
      'old-quay': 'leaner',
      signboard: 'water',
      chapel: 'underbound',
      'amber-head': 'soluble',
      'salt-marsh': 'soluble',
      'kitchen-window': 'never',
      'signal-box': 'varnish',
      'slate-roofs': 'faster',
      'ferry-rail': 'too-soon',
      'white-cloth': 'underbound',
    }
    for (const [id, reason] of Object.entries(pointedAt)) expect(reasonsOf(id), id).to.include(reason)
    for (const { id } of shippedPieces) if (!(id in pointedAt)) expect(reasonsOf(id), id).to.deep.equal([])
  })
  it('show most of what can be wrong', () => {
    const shown = new Set(judged.flatMap(({ reasons }) => reasons))
    expect(faultReasons.filter(({ id }) => !shown.has(id)).map(({ id }) => id)).to.deep.equal([
      'medium',
      'ground',
    ])
  })
  it('are what the demo studio says of those its painter looked at', () => {
    for (const { pieceId, reasons } of exercises(dayOf(now)!))
      expect(reasonsOf(pieceId!)).to.deep.equal(reasons)
  })
})

describe('practising', () => {
  const looked = (pieceId: string, reasons: Exercise['reasons'], why: Exercise['why']): Exercise => ({
    id: pieceId,
    at: now,
    pieceId,
    title: pieceId,
    said: 'unsound',
    why,
    found: 'unsound',
    reasons,
  })
  const pieces: readonly KnownPiece[] = [
    { id: 'a', reasons: ['leaner'] },
    { id: 'b', reasons: ['faster'] },
    { id: 'c', reasons: ['leaner', 'too-soon'] },
    { id: 'd', reasons: [] },
  ]

  it('keeps count of what is not seen, the most missed first, and of what is said and not there', () => {
    const {
      looked: all,
      right,
      reasons,
    } = scoreOf([
      looked('a', ['leaner'], ['leaner', 'faster']),
      looked('c', ['leaner', 'too-soon'], ['leaner']),
    ])
    expect([all, right]).to.deep.equal([2, 2])
    expect(reasons).to.deep.equal([
      { reason: 'too-soon', there: 1, missed: 1, imagined: 0 },
      { reason: 'leaner', there: 2, missed: 0, imagined: 0 },
      { reason: 'faster', there: 0, missed: 0, imagined: 1 },
    ])
  })
  it('offers the like of what was just missed, else one not seen yet, else the one seen longest ago', () => {
    expect(nextPiece(pieces, [])).to.equal('a')
    expect(nextPiece(pieces, [looked('a', ['leaner'], [])])).to.equal('c')
    expect(nextPiece(pieces, [looked('a', ['leaner'], ['leaner'])])).to.equal('b')
    const all = ['a', 'b', 'c', 'd'].map((id) => looked(id, [], []))
    expect(nextPiece(pieces, all)).to.equal('a')
  })
})
