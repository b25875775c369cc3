import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import type { Mixture } from '../../src/core/film/film.ts'
import type { Tube } from '../../src/core/film/paint.ts'
import { filmOf, mixOf, mixOfPortions } from '../../src/core/film/film.ts'
import { findInLibrary } from '../../src/core/materials/find.ts'
import type { Material } from '../../src/core/materials/material.ts'
import { analyseMedium } from '../../src/core/medium/medium.ts'
import type { Ingredient } from '../../src/core/medium/medium.ts'
import { findIn } from '../../src/core/materials/search.ts'
import { oilByStreaks, rateTimesByTests } from '../../src/core/palette/calibrate.ts'
import { brushSizes, carryOver, givesPigmentBack } from '../../src/core/palette/carryOver.ts'
import { consistencyOf, stepTo } from '../../src/core/palette/consistency.ts'
import type { HeapParts } from '../../src/core/palette/consistency.ts'
import { oilForPigment, pigmentToAdd, softnessOf } from '../../src/core/palette/grinding.ts'
import { dosed, dosedWith, fatnessTogether } from '../../src/core/palette/heap.ts'
import type { Conditioning, DosedHeap, Heap } from '../../src/core/palette/heap.ts'
import { keyLighter, laterYellowing } from '../../src/core/palette/keyShift.ts'
import { oilLadder, oilShareOf } from '../../src/core/palette/ladder.ts'
import { leftoverPast } from '../../src/core/palette/leftover.ts'
import { measured } from '../../src/core/palette/measured.ts'
import { opaqueShare } from '../../src/core/film/opaque.ts'
import { clouding } from '../../src/core/palette/clouding.ts'
import { clockOf, openTimeOf, slownessOf } from '../../src/core/palette/openTime.ts'
import { paintParts, tintBoth } from '../../src/core/palette/tint.ts'
import { namesakesOf, tubeFacts, tubeFound } from '../../src/core/palette/tubeFacts.ts'
import { rankWhites, isWhite } from '../../src/core/palette/whites.ts'
import type { White } from '../../src/core/palette/whites.ts'
import { noPractice } from '../../src/core/practice/practice.ts'
import { stateDaysFromTable } from '../../src/core/cure/table.ts'
import { referenceClimate } from '../../src/core/cure/climate.ts'
import { ladderRequest, paletteRequest } from '../../src/document/compute.ts'
import { ladderAnswer, paletteAnswer } from '../../src/studio/computing/compute.ts'
import { expectClose, vectors } from '../vectors.ts'

const material = (id: string): Material => findInLibrary(id)!
const ochre = { pigments: [{ pigment: 'py43', share: 1 }], oil: 'walnut', parts: 1 }
/** A heap with so much walnut oil in it. */
const dosedHeap = ({ paints = [ochre] as Heap['paints'], ml = 10, mediumMl = 0 }): DosedHeap => {
  const medium = [{ material: material('walnut'), massG: 92.5, volumeMl: 100 }]
  const poured = { mediumMl, thinnerMl: 0 }
  const made = dosedWith({ paints, amount: { ml } }, { medium, by: { proportion: 0 } }, poured, findInLibrary)
  if (!made.ok) throw new Error(made.message)
  return made.heap
}
const tube = (pigment: string, oil = 'linseed_alkali_refined', parts = 1) => ({
  pigments: [{ pigment, share: 1 }],
  oil,
  parts,
})
const heapOf = (pigment: string, ml: number): Heap => ({ paints: [tube(pigment)], amount: { ml } })
function mediumOf(...lines: readonly (readonly [string, number])[]): readonly Ingredient[] {
  const made = analyseMedium(
    { lines: lines.map(([id, amount]) => ({ material: id, amount, unit: 'ml' as const })) },
    findInLibrary,
  )
  if (!made.ok) throw new Error(made.problems[0]!.message)
  return made.medium.ingredients
}
function dose(heap: Heap, conditioning: Conditioning): DosedHeap {
  const found = dosed(heap, conditioning, findInLibrary)
  if (!found.ok) throw new Error(found.message)
  return found.heap
}
function mix(paints: Mixture['paints'], medium?: readonly Ingredient[], parts = 0) {
  const made = mixOf(
    { paints, wetThicknessUm: 100, ...(medium && { medium: { ingredients: medium, parts } }) },
    findInLibrary,
  )
  if (!made.ok) throw new Error(made.message)
  return made.mix
}
const linseed = mediumOf(['linseed_alkali_refined', 1])

describe('the palette, against the vectors', () => {
  for (const one of vectors<{ name: string; path: string; request: object; expect: unknown }>('palette'))
    it(one.name, () => {
      const answer =
        one.path === 'ladder'
          ? ladderAnswer(ladderRequest.parse(one.request))
          : paletteAnswer(paletteRequest.parse(one.request))
      expectClose(answer, one.expect, 1e-6)
    })
  it('a ladder that goes down, or past what is added, is refused in words', () => {
    const down = ladderRequest.safeParse({ heapG: 25, fromShare: 0.5, toShare: 0.4, layers: 3 })
    expect(down.error?.issues[0]?.message).to.match(/A ladder climbs/)
    const past = ladderRequest.safeParse({
      ...{ heapG: 25, fromShare: 0.3, toShare: 0.5, layers: 3 },
      additiveShare: 0.4,
    })
    expect(past.error?.issues[0]?.message).to.match(/more oil than the last layer/)
  })
})

describe('conditioning a palette (C34)', () => {
  it('gram for gram: heaps of 12, 8, 5 and 20 g at 1 : 3 want 4, 2.67, 1.67 and 6.67 g', () => {
    const grams = [12, 8, 5, 20].map(
      (g) =>
        dose(
          { paints: [tube('pb29')], amount: { g } },
          { medium: mediumOf(['walnut', 1]), by: { proportion: 1 / 3 } },
        ).mediumG,
    )
    expectClose(grams, [4, 8 / 3, 5 / 3, 20 / 3], 1e-9)
  })
  it('law: whatever the heaps, those that can be brought there end equally fat', () => {
    const pigments = ['pw6_rutile', 'py43', 'pbr7_burnt_umber', 'pb29', 'pr122', 'pw1', 'pbk9']
    fc.assert(
      fc.property(
        fc.constantFrom(...pigments),
        fc.double({ min: 0.2, max: 40, noNaN: true }),
        fc.double({ min: 1.3, max: 3, noNaN: true }),
        (pigment, ml, fatness) => {
          const heap = dose(heapOf(pigment, ml), { medium: linseed, by: { fatness } })
          expect(heap.note).to.equal(null)
          expect(1 / heap.leanness!).to.be.closeTo(fatness, 1e-6)
        },
      ),
    )
  })
  it('law: twice the heap wants twice the medium', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 50, noNaN: true }), (ml) => {
        const by = { fatness: 1.7 }
        const [once, twice] = [ml, 2 * ml].map((of) => dose(heapOf('py43', of), { medium: linseed, by }))
        expect(twice!.mediumMl).to.be.closeTo(2 * once!.mediumMl, 1e-9 * ml)
      }),
    )
  })
  it('a thirsty umber wants more of the same medium than a lean white to be as fat', () => {
    const by = { fatness: 1.6 }
    const [umber, white] = ['pbr7_burnt_umber', 'pw6_rutile'].map((pigment) =>
      dose(heapOf(pigment, 5), { medium: linseed, by }),
    )
    expect(umber!.mediumMl).to.be.above(1.2 * white!.mediumMl)
  })
  it('what is fat enough already is left alone', () => {
    expect(dose(heapOf('pb29', 5), { medium: linseed, by: { fatness: 1 } }).note).to.equal('already-fatter')
  })
  it('is measured in whole drops below a millilitre, never to none, and in tenths above', () => {
    expect(measured(0.26, 0.025)).to.deep.equal({ drops: 10, ml: 0.25 })
    expect(measured(0.001, 0.025)).to.deep.equal({ drops: 1, ml: 0.025 })
    expect(measured(1.47, 0.025)).to.deep.equal({ drops: null, ml: 1.5 })
    expect(measured(0, 0.025)).to.deep.equal({ drops: null, ml: 0 })
    expect(measured(0.02, undefined).ml).to.equal(0.1)
  })
  it('tells the fatness really reached with what was poured', () => {
    const heap = heapOf('pw6_rutile', 2)
    const reached = (mediumMl: number): number => {
      const found = dosedWith(
        heap,
        { medium: linseed, by: { fatness: 1.6 } },
        { mediumMl, thinnerMl: 0 },
        findInLibrary,
      )
      return found.ok ? 1 / found.heap.leanness! : NaN
    }
    expect(reached(0)).to.be.closeTo(1.25, 1e-9)
    expect(reached(0.3)).to.be.above(reached(0.2))
  })
})

describe('paint and what is added to it (C33)', () => {
  it('60 g of pigment in 40 g of oil: 25.9 % powder, load 0.48; 20 g thick oil more: 19.1 %, 0.35, half oil', () => {
    const density = (mid: number) => ({ low: mid, mid, high: mid })
    const pigment: Material = {
      ...material('pb29'),
      densityGPerMl: density(4),
      oilAbsorption: density(20),
    }
    const oil: Material = { ...material('linseed_alkali_refined'), densityGPerMl: density(0.93) }
    const paint = [
      { material: pigment, massG: 60, volumeMl: 15 },
      { material: oil, massG: 40, volumeMl: 40 / 0.93 },
    ]
    const thick = [{ material: oil, massG: 20, volumeMl: 20 / 0.93 }]
    const films = [[], thick].map((medium) => {
      const made = mixOfPortions({ paint, medium, thinner: [] }, 60)
      if (!made.ok) throw new Error(made.message)
      const { pvc, cpvc, dry } = made.mix.film
      return [pvc, pvc / cpvc!, dry.byMass.oil]
    })
    expectClose(
      films,
      [
        [0.259, 0.48, 0.4],
        [0.189, 0.35, 0.5],
      ],
      0.015,
    )
  })
})

describe('consistencies (C35)', () => {
  it('a third solvent is a sketch; half is a stain; fat and not thinned is a glaze', () => {
    expect(consistencyOf({ volatile: 0.35, leanness: 0.8 })).to.equal('sketch')
    expect(consistencyOf({ volatile: 0.5, leanness: 0.8 })).to.equal('stain')
    expect(consistencyOf({ volatile: 0, leanness: 0.3 })).to.equal('glaze')
    expect(consistencyOf({ volatile: 0, leanness: 0.8 })).to.equal('body')
  })
  it('the practice may move the bounds', () => {
    const bands = { thinnedHeap: { sketch: 0.4, stain: 0.6 }, glazeHeap: { glaze: 0.9 } }
    expect(consistencyOf({ volatile: 0.35, leanness: 0.8 }, bands)).to.equal('glaze')
  })
  const thinner = material('gum_turpentine')
  function parts(heap: DosedHeap): HeapParts {
    const { film, dryVolume } = heap.mix
    const neat = mix([tube('pb29')]).film
    return {
      film,
      wetMl: heap.ml + heap.mediumMl + heap.thinnerMl,
      thinnerMl: heap.thinnerMl,
      fatMl: film.perDryVolume.oil * dryVolume,
      demandMl: film.perDryVolume.demand * dryVolume,
      paintFat: neat.perDryVolume.oil,
      paintDemand: neat.perDryVolume.demand,
    }
  }
  it('asked for a glaze, a thinned heap is told oil instead of solvent, and is one then', () => {
    const setting = { medium: linseed, by: { proportion: 0 }, thinner, thinnerShare: 0.35 }
    const sketch = dose(heapOf('pb29', 4), setting)
    const step = stepTo('glaze', parts(sketch))
    expect(step.thinnerMl).to.be.closeTo(-sketch.thinnerMl, 1e-9)
    expect(step.oilMl).to.be.above(0)
    const done = dose(heapOf('pb29', 4), { medium: linseed, by: { proportion: step.oilMl / 4 } })
    expect(consistencyOf({ volatile: 0, leanness: done.leanness })).to.equal('glaze')
  })
  it('law: each step leads into the band it is asked for', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.8, noNaN: true }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        fc.constantFrom('stain' as const, 'sketch' as const, 'body' as const, 'glaze' as const),
        (thinnerShare, proportion, target) => {
          const heap = dose(heapOf('pb29', 4), { medium: linseed, by: { proportion }, thinner, thinnerShare })
          const step = stepTo(target, parts(heap))
          const paintMl = 4 + step.paintMl
          const after = dosedWith(
            heapOf('pb29', paintMl),
            { medium: linseed, by: { proportion }, thinner },
            { mediumMl: heap.mediumMl + step.oilMl, thinnerMl: heap.thinnerMl + step.thinnerMl + 1e-9 },
            findInLibrary,
          )
          if (!after.ok) throw new Error(after.message)
          const { leanness, mix: made } = after.heap
          const lean = leanness! + (target === 'body' ? 1e-6 : -1e-6)
          const volatile = made.film.mix.volatile + (target === 'sketch' && step.thinnerMl < 0 ? -1e-6 : 1e-6)
          expect(consistencyOf({ volatile: target === 'body' ? 0 : volatile, leanness: lean })).to.equal(
            target,
          )
        },
      ),
    )
  })
})

describe('what spoils a mix', () => {
  const heap = mix([tube('pbr7_burnt_umber', 'linseed_alkali_refined', 12)])
  it('eight dips of a middle brush into 12 ml are 1.2 ml, 9.1 % (C36)', () => {
    const oil = carryOver(heap, { liquid: material('walnut'), dips: 8, mlEach: brushSizes.middle })
    expect(oil.ml).to.be.closeTo(1.2, 1e-9)
    expect(100 * oil.share).to.be.closeTo(9.09, 0.01)
    expect(oil.oilContent[1]).to.be.above(oil.oilContent[0])
    expect(oil.says).to.equal('note')
  })
  it('a cleaning jar used more than twice gives paint back', () => {
    expect([0, 2, 3].map(givesPigmentBack)).to.deep.equal([false, false, true])
  })
  it('spirit thins the heap and leaves the dried film as it was', () => {
    const spirit = { liquid: material('gum_turpentine'), mlEach: brushSizes.middle }
    const some = carryOver(heap, { ...spirit, dips: 8 })
    expect(some.leanness[1]).to.be.closeTo(some.leanness[0]!, 1e-12)
    expect(some.wetVolatile[1]).to.be.closeTo(some.share, 1e-9)
    expect(some.says).to.equal('nothing')
    expect(carryOver(heap, { ...spirit, dips: 10 }).says).to.equal('watch')
    expect(carryOver(heap, { ...spirit, dips: 10 }, { firstLayer: true }).says).to.equal('nothing')
  })
  it('law: more dips never make it leaner', () => {
    fc.assert(
      fc.property(fc.nat(60), fc.nat(60), (a, b) => {
        const [less, more] = [Math.min(a, b), Math.max(a, b)].map((dips) =>
          carryOver(heap, { liquid: material('linseed_alkali_refined'), dips, mlEach: 0.05 }),
        )
        expect(more!.leanness[1]).to.be.at.most(less!.leanness[1]! + 1e-12)
      }),
    )
  })
  it('0.3 g of titanium in 6 g of a glaze is 5 %: too much (C37)', () => {
    const oil = { material: material('linseed_alkali_refined'), massG: 5.7, volumeMl: 6.1 }
    const white = (massG: number) => ({ material: material('pw6_rutile'), massG, volumeMl: massG / 4.15 })
    expect(opaqueShare([oil, white(0.3)])).to.be.closeTo(0.05, 1e-12)
    expect(clouding(opaqueShare([oil, white(0.3)]))).to.equal('unsound')
    expect(clouding(0.02)).to.equal('watch')
    expect(clouding(0.005)).to.equal(null)
  })
  it('lead white clouds a glaze less than titanium does, ultramarine not at all', () => {
    const of = (id: string) => opaqueShare([{ material: material(id), massG: 1, volumeMl: 1 }])
    expect([of('pw6_rutile'), of('pw1'), of('pb29')]).to.deep.equal([1, 0.4, 0])
  })
})

describe('transparent by putty instead of by oil (C38)', () => {
  it('the same tint takes 44.7 ml either way; putty leaves the oil about where it was', () => {
    const paint = { pigmentMl: 10, oilMl: 12, demandMl: 9.6 }
    const tint = tintBoth(paint, 0.15, { fillerShare: 0.45, filler: material('chalk_whiting') })!
    expect(tint.byOil.addMl).to.be.closeTo(44.67, 0.01)
    expectClose(
      [tint.start.oilShare, tint.byOil.oilShare, tint.byPutty.oilShare],
      [0.545, 0.85, 0.5486],
      1e-3,
    )
    expect(tint.byOil.fatness).to.be.above(2 * tint.byPutty.fatness!)
  })
  it('paint is taken apart into its pigment, its oil and what the powder needs; with a filler in it, not', () => {
    const of = (pigment: string) =>
      paintParts(
        dosedHeap({ paints: [{ pigments: [{ pigment, share: 1 }], oil: 'walnut', parts: 1 }] }).paint,
      )
    const { pigmentMl, oilMl, demandMl } = of('pb29')!
    expect(pigmentMl + oilMl).to.be.closeTo(10, 1e-9)
    expect(oilMl / demandMl).to.be.closeTo(1.25, 1e-9)
    expect(of('chalk_whiting')).to.equal(null)
  })
  it('what is paler already is not thinned', () => {
    const paint = { pigmentMl: 1, oilMl: 20, demandMl: 1 }
    expect(tintBoth(paint, 0.15, { fillerShare: 0.45, filler: material('chalk_whiting') })).to.equal(null)
  })
})

describe('heaps together, and what was poured before', () => {
  it('law: several heaps are as fat together as one between the leanest and the fattest of them', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 30 }), fc.integer({ min: 0, max: 20 }), (ml, mediumMl) => {
        const neat = dosedHeap({ ml })
        const oily = dosedHeap({ mediumMl })
        const together = fatnessTogether([neat, oily])!
        const [low, high] = [neat.fatness!, oily.fatness!].sort((a, b) => a - b)
        expect(together).to.be.within(low! - 1e-9, high! + 1e-9)
      }),
    ))
  it('no heap at all is neither fat nor lean', () => {
    expect(fatnessTogether([])).to.equal(null)
  })
  it('yesterday’s medium is past its keeping first, then past the time it sets in; fresh it is good', () => {
    const oil = [{ material: material('linseed_alkali_refined'), massG: 9.3, volumeMl: 10 }]
    const past = (days: number, keepsDays: number) => leftoverPast(oil, { days, keepsDays }, referenceClimate)
    expect(past(400, 365)).to.deep.equal({ what: 'keeping', days: 365 })
    expect(past(0.01, 365)).to.equal(null)
    const { what, days } = past(200, 365)!
    expect(what).to.equal('setting')
    expect(past(days * 0.99, 365)).to.equal(null)
  })
})

describe('paint from dry pigment (C32)', () => {
  const pigment: Material = { ...material('pb29'), oilAbsorption: { low: 25, mid: 28, high: 32 } }
  const oil: Material = {
    ...material('linseed_alkali_refined'),
    densityGPerMl: { low: 0.93, mid: 0.93, high: 0.93 },
  }
  it('60 g at 28 g to 100 g want 16.8 g of oil, 18.1 ml; 24 g poured want 25.7 g more pigment', () => {
    const grind = oilForPigment(pigment, 60, oil, 1)!
    expect(grind.oilG).to.be.closeTo(16.8, 1e-9)
    expect(grind.oilMl).to.be.closeTo(18.06, 0.01)
    expect(pigmentToAdd(pigment, 60, 24, 1)).to.be.closeTo(25.71, 0.01)
    expect(pigmentToAdd(pigment, 60, 10, 1)).to.equal(0)
  })
  it('law: what is added brings the slab to the softness asked for', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 500, noNaN: true }),
        fc.double({ min: 0.8, max: 2, noNaN: true }),
        fc.double({ min: 1, max: 3, noNaN: true }),
        (grams, softness, over) => {
          const poured = oilForPigment(pigment, grams, oil, softness)!.oilG * over
          const more = pigmentToAdd(pigment, grams, poured, softness)!
          expect(softnessOf(pigment, grams + more, poured)).to.be.closeTo(softness, 1e-9)
        },
      ),
    )
  })
})

describe('heaps keep time (C44)', () => {
  it('a heap good for three hours rings after two and three quarters', () => {
    const clock = clockOf(180, [{ where: 'open', minute: 0 }], referenceClimate)!
    expect([clock.alarm, clock.sets]).to.deep.equal([165, 180])
  })
  it('under glass the clock runs half as fast, from when it was covered', () => {
    const moved = [
      { where: 'open', minute: 0 },
      { where: 'glass', minute: 60 },
    ] as const
    expect(clockOf(180, moved, referenceClimate)!.sets).to.equal(60 + 2 * 120)
  })
  it('the cold slows it by how the room slows drying, and what never sets has no alarm', () => {
    expect(slownessOf('cold', referenceClimate)).to.be.within(3, 5)
    expect(slownessOf('cold', { ...referenceClimate, temperatureC: 4 })).to.equal(1)
    expect(clockOf(null, [{ where: 'open', minute: 0 }], referenceClimate)).to.equal(null)
  })
  it('alkyd shortens it, and much solvent sets up by itself', () => {
    const alkyd = mix([tube('pb29')], mediumOf(['alkyd_long_oil', 1]), 0.5).film
    const oil = mix([tube('pb29')], linseed, 0.5).film
    const open = (film: typeof oil) => openTimeOf(film, referenceClimate)
    expect(open(alkyd).minutes).to.be.below(open(oil).minutes!)
    expect(open(oil).setsUp).to.equal(false)
    expect(open(mix([tube('pb29')], mediumOf(['gum_turpentine', 1]), 0.5).film).setsUp).to.equal(true)
  })
})

describe('an oil ladder (C60)', () => {
  it('25 g from 36 to 46 % in five layers: 0, 1.02, 2.12, 3.32 and 4.63 g of oil', () => {
    const rungs = oilLadder({ heapG: 25, fromShare: 0.36, toShare: 0.46, layers: 5 })!
    expectClose(
      rungs.map(({ addG }) => addG),
      [0, 1.02, 2.12, 3.32, 4.63],
      5e-3,
    )
  })
  it('with a medium that is half solvent it takes twice as much and more', () => {
    expect(oilShareOf(mediumOf(['walnut', 1]))).to.equal(1)
    const half = oilShareOf(mediumOf(['walnut', 1], ['gum_turpentine', 1]))
    expect(half).to.be.within(0.4, 0.6)
    const climb = { heapG: 25, fromShare: 0.3, toShare: 0.35, layers: 2 }
    const [oil, thin] = [1, half].map((additiveShare) => oilLadder({ ...climb, additiveShare })![1]!.addG)
    expect(thin).to.be.above(2 * oil!)
  })
  it('as the limits allow: it climbs evenly to where the limit stands', () => {
    const rungs = oilLadder({ heapG: 25, fromShare: 0.36, toShare: 0.8, layers: 3, mostOfMix: 0.25 })!
    expect(rungs[2]!.targetShare).to.be.closeTo(0.52, 1e-9)
    expect(rungs[2]!.addG / (25 + rungs[2]!.addG)).to.be.closeTo(0.25, 1e-9)
  })
})

describe('a warm medium (C63)', () => {
  it('a tenth of value at a quarter dose: key 0.03 lighter', () => {
    expect(keyLighter(0.1, 0.25)).to.equal(0.03)
    expect(keyLighter(0.1, 0.3)).to.equal(0.03)
    expect(keyLighter(0, 0.3)).to.equal(0)
  })
  it('the more an oil yellows and the more of it is free, the more it warms later', () => {
    expectClose(laterYellowing(3, 20), { value: 0.1, b: 3 }, 1e-9)
    expect(laterYellowing(3, 10).b).to.be.below(laterYellowing(3, 40).b)
    expect(laterYellowing(1, 40).b).to.equal(0)
  })
})

describe('a tube of paint (C31)', () => {
  const facts = (pigments: readonly (readonly [string, number])[], oil = 'linseed_alkali_refined') =>
    tubeFacts({ pigments: pigments.map(([pigment, share]) => ({ pigment, share })), oil }, findInLibrary)!
  it('a mixture is held back by its slowest, the more the more of it there is', () => {
    const mixed = facts([
      ['pw1', 1],
      ['pbk7', 3],
    ])
    expect(mixed.slowest!.pigment.id).to.equal('pbk7')
    expect(mixed.slowest!.share).to.be.closeTo(0.75, 1e-9)
    expect(mixed.speed).to.equal(facts([['pbk7', 1]]).speed)
    expect(mixed.film.rate).to.be.below(facts([['pw1', 1]]).film.rate)
  })
  it('one pigment under two names is pointed out, and one name over two', () => {
    const of = (id: string, name: string, pigment: string) => ({
      id,
      name,
      pigments: [{ pigment, share: 1 }],
    })
    const { samePigment, sameName } = namesakesOf(
      [
        of('a', 'Harbour blue', 'pb29'),
        of('b', 'Ultramarine', 'pb29'),
        of('c', 'ultramarine ', 'pb15_3'),
        of('d', 'Ochre', 'py43'),
      ],
      findInLibrary,
    )
    expect(samePigment.map((group) => group.map(({ id }) => id))).to.deep.equal([['a', 'b']])
    expect(sameName.map((group) => group.map(({ id }) => id))).to.deep.equal([['b', 'c']])
  })
  it('is found by what it does: transparent, fast, no cadmium', () => {
    const shelf = [
      ['Umber', 'pbr7_burnt_umber'],
      ['Cadmium red', 'pr108'],
      ['Viridian', 'pg18'],
      ['Blue', 'pb29'],
      ['White', 'pw6_rutile'],
    ].map(([name, pigment]) => ({ name: name!, facts: facts([[pigment!, 1]]) }))
    const found = (asked: string): readonly string[] =>
      findIn(
        shelf.map(({ name, facts: of }) => ({ ...tubeFound(name, of), called: name })),
        asked,
      ).map(({ called }) => called)
    expect(found('no cadmium')).not.to.include('Cadmium red')
    expect(found('opaque')).to.include('White')
    for (const name of found('transparent, fast, no cadmium')) {
      const { facts: of } = shelf.find((one) => one.name === name)!
      expect([of.transparency, of.speed]).to.deep.equal(['transparent', 'fast'])
    }
    expect(found('pb29')).to.deep.equal(['Blue'])
  })
  it('what its maker grades it outranks the book where it is looked for', () => {
    const blue = { pigments: [{ pigment: 'pb29', share: 1 }], oil: 'walnut' }
    const found = (tubeOf: Tube) =>
      findIn([tubeFound('Blue', tubeFacts(tubeOf, findInLibrary)!)], 'lightfast').length
    expect([found(blue), found({ ...blue, lightfastness: 'IV' })]).to.deep.equal([1, 0])
  })
  it('a streak whose oil was washed out tells the oil; a dried one tells it roughly by what it gained', () => {
    const washed = oilByStreaks([{ how: 'washed', wetG: 5, leftG: 3.5 }])!
    expectClose(washed, { percent: 30, low: 30, high: 30 }, 1e-9)
    const dried = oilByStreaks([{ how: 'dried', wetG: 5, leftG: 5.21 }])!
    if ('problem' in dried) throw new Error(dried.problem)
    expect(dried.percent).to.be.closeTo(30, 1e-9)
    expect(dried.low).to.be.below(25)
    expect(dried.high).to.be.above(40)
    expect(oilByStreaks([{ how: 'dried', wetG: 5, leftG: 4.8 }])).to.have.property('problem')
    expect(oilByStreaks([])).to.equal(null)
  })
  it('law: its own drying test brings the forecast to the days that were seen', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.4, max: 2, noNaN: true }),
        fc.double({ min: 2, max: 20, noNaN: true }),
        (rate, touchDays) => {
          const test = { thicknessUm: 60, touchDays, climate: referenceClimate }
          const times = rateTimesByTests(rate, [test])!
          const days = stateDaysFromTable({ thicknessUm: 60, rate: rate * times }).touch!
          expect(days).to.be.closeTo(touchDays, 0.05 * touchDays)
        },
      ),
    )
  })
  it('a tube that dries twice as fast as the book makes a film that does', () => {
    const film = (rateTimes: number) =>
      filmOf({ paints: [{ ...tube('pb29'), rateTimes }], wetThicknessUm: 60 }, findInLibrary)
    const [book, own] = [film(1), film(2)]
    if (!book.ok || !own.ok) throw new Error('no film')
    expect(own.film.rate / book.film.rate).to.be.closeTo(2, 1e-9)
  })
})

describe('choosing a white (C43)', () => {
  const white = (id: string, pigment: string, oil: string): White => ({
    id,
    name: id,
    facts: tubeFacts({ pigments: [{ pigment, share: 1 }], oil }, findInLibrary)!,
  })
  const whites = [
    white('slow titanium', 'pw6_rutile', 'poppy'),
    white('lead', 'pw1', 'linseed_alkali_refined'),
    white('titanium', 'pw6_rutile', 'linseed_alkali_refined'),
    white('zinc', 'pw4', 'linseed_alkali_refined'),
  ]
  const setting = { climate: referenceClimate, practice: noPractice, confidence: 0.8 }
  it('underpainting wants the fast one first and rules out the slow oil by the gate', () => {
    const ranked = rankWhites(whites, 'underpainting', setting)
    expect(ranked[0]!.id).to.equal('lead')
    expect(ranked.find(({ id }) => id === 'slow titanium')!.excluded).to.match(/Touch dry after/)
    expect(ranked.find(({ id }) => id === 'zinc')!.excluded).to.match(/brittle/)
  })
  it('the last lights rule none out, and a glaze would rather have a white that lets light through', () => {
    expect(rankWhites(whites, 'highlights', setting).every(({ excluded }) => excluded === null)).to.equal(
      true,
    )
    const hidingOf = (role: 'body' | 'glaze') =>
      rankWhites(whites, role, setting).find(({ id }) => id === 'zinc')!.traits.hiding
    expect(hidingOf('glaze')).to.be.above(hidingOf('body'))
  })
  it('a practice that bears zinc is asked, not the usual limits', () => {
    const zinc = { ...noPractice.limits.zinc, unsound: 1.1 }
    const practice = { ...noPractice, limits: { ...noPractice.limits, zinc } }
    const found = rankWhites(whites, 'underpainting', { ...setting, practice }).find(
      ({ id }) => id === 'zinc',
    )
    expect(found!.excluded).to.equal(null)
  })
  it('a white is what is all white', () => {
    expect(isWhite(white('w', 'pw1', 'walnut').facts)).to.equal(true)
    expect(isWhite(white('w', 'pb29', 'walnut').facts)).to.equal(false)
  })
})
