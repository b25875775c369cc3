import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { normalBelow } from '../../src/core/cure/normal.ts'
import { intervalChance } from '../../src/core/learn/intervalChance.ts'
import { sayingInstead } from '../../src/core/learn/instead.ts'
import { powderName } from '../../src/core/learn/interval.ts'
import type { Interval } from '../../src/core/learn/interval.ts'
import { factorOf, knownOf, learn, nothingLearnt } from '../../src/core/learn/learn.ts'
import { learnRequest } from '../../src/document/compute.ts'
import { learnAnswer } from '../../src/studio/computing/learnAnswer.ts'
import { expectClose, vectors } from '../vectors.ts'

const linseed = { linseed_alkali_refined: 1 }
const check = (
  powder: string,
  bookDays: number,
  failDays: number | null,
  passDays: number | null,
): Interval => ({
  oils: linseed,
  powders: { [powder]: 1 },
  thicknessUm: 60,
  bookDays,
  failDays,
  passDays,
  isFirst: true,
})
const exactly = (powder: string, book: number, seen: number) =>
  check(powder, book, seen * 0.999, seen * 1.001)
const black = { oils: linseed, powders: { pbk9: 1 } }

const anyCheck = fc
  .record({
    powder: fc.constantFrom('pbk9', 'pw6_rutile', 'py43'),
    book: fc.double({ min: 2, max: 40, noNaN: true }),
    times: fc.double({ min: 0.3, max: 3, noNaN: true }),
    width: fc.double({ min: 1.05, max: 2, noNaN: true }),
    open: fc.constantFrom('no', 'below', 'above'),
  })
  .map(({ powder, book, times, width, open }) => {
    const at = book * times
    return check(powder, book, open === 'below' ? null : at, open === 'above' ? null : at * width)
  })

describe('learning, against the vectors', () => {
  for (const one of vectors<{ name: string; request: object; expect: unknown }>('learn'))
    it(one.name, () => {
      expectClose(learnAnswer(learnRequest.parse(one.request)), one.expect, 0.01)
    })
  it('a pass before the last fail is refused in words', () => {
    const backwards = { oils: linseed, thicknessUm: 60, bookDays: 6, failDays: 9, passDays: 8 }
    const read = learnRequest.safeParse({ intervals: [backwards], ask: [] })
    expect(read.error?.issues[0]?.message).to.match(/passes after it last failed/)
  })
})

describe('the chance of an interval', () => {
  it('is the normal’s own, and its slope and bend are those of its logarithm', () => {
    for (const [low, high] of [
      [-1, 2],
      [0.5, 0.9],
      [3, 6],
      [-5, -4],
      [-Infinity, 1],
      [2, Infinity],
    ] as const) {
      const { ln, slope, curve } = intervalChance(low, high)
      if (high < 6) expect(Math.exp(ln)).to.be.closeTo(normalBelow(high) - normalBelow(low), 1e-6)
      const h = 1e-3
      const [left, right] = [intervalChance(low + h, high + h).ln, intervalChance(low - h, high - h).ln]
      expect(slope).to.be.closeTo((right - left) / (2 * h), 1e-3)
      expect(curve).to.be.closeTo((right + left - 2 * ln) / h ** 2, 1e-2)
    }
  })
  it('is still told forty spreads out', () => {
    const far = intervalChance(40, 41)
    expect(far.ln).to.be.closeTo(-800 - Math.log(40) - Math.log(2 * Math.PI) / 2, 0.01)
    expect(far.slope).to.be.closeTo(40, 0.1)
  })
})

describe('drying that learns', () => {
  it('9 for 6, 8 for 5 and 10 for 8 days: raw 1.44 times the book, 1.42 of it kept (C73)', () => {
    const seen = [exactly('pbk9', 6, 9), exactly('pbk9', 5, 8), exactly('pbk9', 8, 10)]
    const raw = Math.cbrt((9 / 6) * (8 / 5) * (10 / 8))
    expect(raw).to.be.closeTo(1.44, 0.005)
    expect(Math.exp(factorOf(learn(seen), black).ln)).to.be.closeTo(1.42, 0.01)
  })
  it('says of a paint never checked only what the studio and its oil say', () => {
    const learnt = learn([exactly('pbk9', 6, 9)])
    const white = factorOf(learnt, { oils: linseed, powders: { pw6_rutile: 1 } })
    expect(white.ln).to.be.above(0).and.below(factorOf(learnt, black).ln)
    expect(white.sd).to.be.above(factorOf(learnt, black).sd)
    expect(knownOf(learnt, powderName('pw6_rutile'))).to.deep.equal({ ln: 0, sd: 0.18 })
  })
  it('law: a film that was found dry later is never forecast sooner, and checks never make it less sure', () => {
    fc.assert(
      fc.property(fc.array(anyCheck, { minLength: 1, maxLength: 12 }), (checks) => {
        const later = checks.map((one) => ({
          ...one,
          failDays: one.failDays && one.failDays * 1.2,
          passDays: one.passDays && one.passDays * 1.2,
        }))
        const [now, then] = [factorOf(learn(checks), black), factorOf(learn(later), black)]
        expect(then.ln).to.be.at.least(now.ln - 1e-6)
        expect(now.sd).to.be.at.most(factorOf(nothingLearnt, black).sd + 1e-9)
      }),
    )
  })
  it('law: checks say the same in any order', () => {
    fc.assert(
      fc.property(fc.array(anyCheck, { minLength: 2, maxLength: 12 }), (checks) => {
        const turned = factorOf(learn(checks.toReversed()), black)
        expectClose(turned, factorOf(learn(checks), black), 1e-4)
      }),
    )
  })
  it('law: from wherever it is looked for, the same is found', () => {
    fc.assert(
      fc.property(fc.array(anyCheck, { minLength: 2, maxLength: 12 }), (checks) => {
        const far = learn([exactly('pbk9', 2, 12)])
        expectClose(factorOf(learn(checks, far), black), factorOf(learn(checks), black), 1e-3)
      }),
    )
  })
  it('law: a film left out, or with another tale to tell, is as if all the others were learnt from anew', () => {
    const alike = anyCheck.filter(({ bookDays, failDays }) => {
      const times = (failDays ?? bookDays) / bookDays
      return times > 0.8 && times < 1.6
    })
    fc.assert(
      fc.property(fc.array(alike, { minLength: 2, maxLength: 60 }), alike, ([first, ...others], other) => {
        const films = [first!, ...others].map((one) => [one])
        const saying = sayingInstead(films, learn(films.flat()))
        for (const instead of [[], [other]]) {
          const anew = factorOf(learn([...instead, ...others]), first!)
          expect(factorOf(saying(new Map([[0, instead]])), first!).ln).to.be.closeTo(anew.ln, 0.03)
        }
      }),
    )
  })
})
