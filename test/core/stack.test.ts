import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { areaSolveOf, cureLayersOf } from '../../src/core/soundness/lay.ts'
import { solveToHorizon } from '../../src/core/soundness/mismatch.ts'
import { areasOf, covers, overlap } from '../../src/core/stack/area.ts'
import type { StackEvent } from '../../src/core/stack/event.ts'
import { fold, leftOn, readied } from '../../src/core/stack/fold.ts'
import type { Stratum } from '../../src/core/stack/fold.ts'
import type { SoundnessRequest } from '../../src/document/compute.ts'
import { computeSoundness } from '../../src/studio/computing/soundness.ts'

const paint = (
  name: string,
  wetThicknessUm: number,
  areas: readonly string[] = [],
  pigment = 'pw6_rutile',
): StackEvent => ({
  kind: 'paint',
  name,
  areas,
  mixture: {
    paints: [{ pigments: [{ pigment, share: 1 }], oil: 'linseed_cold_pressed', parts: 1 }],
    wetThicknessUm,
  },
})
const take = (takes: number, areas: readonly string[] = []): StackEvent => ({
  kind: 'removal',
  name: 'Scraped',
  areas,
  how: 'scrape',
  takes,
})
const strataIn = (area: string, events: readonly StackEvent[], suctionUm = 0): readonly Stratum[] =>
  fold(
    events.map((event) => readied(event, findInLibrary)),
    area,
    suctionUm,
  )
const thirst = 20

describe('areas of a picture', () => {
  it('are those declared, then those only its layers name, then what they leave over', () => {
    const sky = { id: 'a1', name: 'sky', share: 0.6 }
    expect(areasOf([], [{ areas: [] }]).map(({ name }) => name)).to.deep.equal(['the whole picture'])
    expect(areasOf([sky], [{ areas: ['boat'] }]).map(({ name }) => name)).to.deep.equal(['sky', 'boat'])
    const [, rest] = areasOf([sky], [])
    expect(rest).to.deep.include({ name: 'the rest' })
    expect(rest!.share).to.be.closeTo(0.4, 1e-9)
    expect(areasOf([{ ...sky, share: 1 }], [])).to.have.length(1)
  })
  it('two things meet where some area has both', () => {
    const names = fc.uniqueArray(fc.constantFrom('sky', 'boat', 'sea'), { maxLength: 3 })
    fc.assert(
      fc.property(names, names, (a, b) => {
        const all = ['sky', 'boat', 'sea']
        const meet = all.some((area) => covers({ areas: a }, area) && covers({ areas: b }, area))
        expect(overlap({ areas: a }, { areas: b })).to.equal(meet)
      }),
    )
  })
})

describe('events in an area become strata', () => {
  it('a thirsty ground drinks from the first layer, and hardly from the next', () => {
    const [first, second] = strataIn('', [paint('a', 60), paint('b', 60)], thirst)
    expect(first!.film.drunkUm).to.be.above(0)
    expect(second!.film.drunkUm).to.be.below(first!.film.drunkUm / 3)
  })
  it('what lies in one area seals nothing in another', () => {
    const events = [paint('sky', 60, ['sky']), paint('boat', 60, ['boat'])]
    const [sky] = strataIn('sky', events, thirst)
    const [boat] = strataIn('boat', events, thirst)
    expect(boat!.film.drunkUm).to.equal(sky!.film.drunkUm)
  })
  it('what is scraped off bares what is under it, thirsty only for what it had not drunk', () => {
    const [gone, anew] = strataIn('', [paint('a', 60), take(1), paint('b', 60)], thirst)
    expect(gone!.goneBy).to.equal(1)
    expect(anew!.film.suctionUm).to.be.closeTo(thirst - gone!.film.drunkUm, 1e-9)
  })
  it('only the film on top loses anything, and in its own area', () => {
    const events = [paint('ground colour', 60), paint('sky', 60, ['sky']), take(1, ['sky']), take(0.5)]
    const [under, sky] = strataIn('sky', events)
    expect([under!.taken.length, sky!.goneBy]).to.deep.equal([1, 2])
    expect(strataIn('boat', events)[0]!.taken).to.deep.equal([{ event: 3, takes: 0.5 }])
  })
  it('taking shares off leaves their product, in whatever order', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 0.95, noNaN: true }), { maxLength: 5 }), (shares) => {
        const [film] = strataIn('', [paint('a', 200), ...shares.map((share) => take(share))])
        const left = shares.reduce((product, share) => product * (1 - share), 1)
        expect(leftOn(film!, 100, () => 0)).to.be.closeTo(left, 1e-9)
        expect(leftOn(film!, -1, () => 0)).to.equal(1)
      }),
    )
  })
})

describe('a ground colour under two areas that never meet', () => {
  const events = (order: readonly ['sky' | 'boat', 'sky' | 'boat']): readonly StackEvent[] => [
    paint('ground colour', 60),
    ...order.map((area) => paint(area, area === 'sky' ? 1500 : 20, [area])),
  ]
  const firmUnder = (area: string, order: readonly ['sky' | 'boat', 'sky' | 'boat']): number => {
    const list = events(order)
    const ready = list.map((event) => readied(event, findInLibrary))
    const films = cureLayersOf(fold(ready, area, 0), ready, (at) => (at === 0 ? 0 : 6))
    return areaSolveOf(films, solveToHorizon(films)!).states[0]!.firm!
  }
  it('is sealed by the thick sky and not by the thin boat, whichever is listed first', () => {
    for (const area of ['sky', 'boat'])
      expect(firmUnder(area, ['sky', 'boat'])).to.equal(firmUnder(area, ['boat', 'sky']))
    expect(firmUnder('sky', ['sky', 'boat'])).to.be.above(10 * firmUnder('boat', ['sky', 'boat']))
  })
  it('is judged in each by itself over HTTP too', () => {
    const tube = (pigment: string) => [
      { pigments: [{ pigment, share: 1 }], oil: 'linseed_cold_pressed', parts: 1 },
    ]
    const fat = {
      lines: [{ material: 'linseed_stand_oil', amount: 1, unit: 'ml' as const }],
      parts: 1,
    }
    const layers: SoundnessRequest['layers'] = [
      {
        name: 'Fat sky',
        areas: ['sky'],
        paints: tube('pbk9'),
        medium: fat,
        wetThicknessUm: 120,
        appliedDay: 0,
      },
      {
        name: 'Lean boat',
        areas: ['boat'],
        paints: tube('pbr7_raw_umber'),
        wetThicknessUm: 40,
        appliedDay: 3,
      },
      { name: 'Lean sky', areas: ['sky'], paints: tube('pbr7_raw_umber'), wetThicknessUm: 40, appliedDay: 3 },
    ]
    const { verdict, areas, findings } = computeSoundness({ support: 'plywood', practice: 'oil-led', layers })
    expect(verdict).to.equal('unsound')
    expect(areas).to.deep.equal([
      { area: 'sky', verdict: 'unsound' },
      { area: 'boat', verdict: 'sound' },
    ])
    expect(findings.every(({ area, layer }) => area === 'sky' && layer !== 1)).to.equal(true)
  })
  it('a fat layer that is dissolved away before the lean one leaves nothing to find', () => {
    const tube = (pigment: string) => [
      { pigments: [{ pigment, share: 1 }], oil: 'linseed_cold_pressed', parts: 1 },
    ]
    const fat = { lines: [{ material: 'linseed_stand_oil', amount: 1, unit: 'ml' as const }], parts: 0.3 }
    const layers: SoundnessRequest['layers'] = [
      { paints: tube('pbk9'), medium: fat, wetThicknessUm: 120, appliedDay: 0 },
      { removal: { how: 'dissolve', takes: 1 }, appliedDay: 1 },
      { paints: tube('pbr7_raw_umber'), wetThicknessUm: 40, appliedDay: 3 },
    ]
    const rulesIn = (all: SoundnessRequest['layers']) =>
      computeSoundness({ support: 'plywood', layers: all }).findings.map(({ rule }) => rule)
    expect(rulesIn(layers)).to.deep.equal([])
    expect(rulesIn(layers.filter((layer) => !('removal' in layer)))).to.include('fat-over-lean')
  })
})
