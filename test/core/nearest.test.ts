import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { nearestOils, nearestThinners } from '../../src/core/dosing/nearest.ts'
import { filmOf } from '../../src/core/film/film.ts'
import { leavesToSet } from '../../src/core/film/physicalSet.ts'
import { leavingTimes } from '../../src/core/film/waterDays.ts'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { library } from '../../src/core/materials/library.ts'
import { materialOf } from '../../src/core/materials/own.ts'
import { policyAnswers, policyIds, worstAnswer } from '../../src/core/materials/policy.ts'
import { deedsOf } from '../../src/core/materials/search.ts'
import { analyseMedium } from '../../src/core/medium/medium.ts'
import { neverDries } from '../../src/core/medium/fat.ts'
import { lot } from '../studio/bodies.ts'

const find = (id: string) => findInLibrary(id)!
const ids = (materials: readonly { readonly id: string }[]): readonly string[] =>
  materials.map(({ id }) => id)

describe('what takes the place of a material', () => {
  it('of an oil one that paint is ground in, as pale; never one that does not dry, holds lead or takes water', () => {
    const oils = nearestOils(library, find('olive'))
    expect(oils.some(neverDries)).to.equal(false)
    expect(ids(oils)).to.include('poppy')
    for (const id of ['black_oil_leaded', 'linseed_boiled_metal_drier', 'linseed_stand_oil'])
      expect(ids(oils)).to.not.include(id)
    expect(oils.some(({ waterMixable }) => waterMixable)).to.equal(false)
    expect(ids(nearestOils(library, find('walnut')))[0]).to.equal('walnut')
  })
  it('of a thinner one that leaves about as fast; swab solvents and water are none', () => {
    const thinners = ids(nearestThinners(library, find('gum_turpentine')))
    expect(thinners[0]).to.equal('gum_turpentine')
    for (const id of ['water', 'acetone', 'ethanol', 'xylene', 'odourless_kerosene'])
      expect(thinners).to.not.include(id)
    const calm = nearestThinners(
      library.filter((material) => worstAnswer([material], ['sensitisers']) === null),
      find('gum_turpentine'),
    )
    expect(ids(calm)).to.include('mineral_spirit_dearomatised_high_flash').and.not.include('gum_turpentine')
  })
})

describe('what a room says to several materials', () => {
  it('is refused where one of them is, else unknown where one is, else nothing', () => {
    const [refused, unknown, free] = ['gum_turpentine', 'safflower', 'poppy'].map(find)
    expect(worstAnswer([unknown!, refused!], ['solvent'])).to.equal('refused')
    expect(worstAnswer([free!, unknown!], ['solvent'])).to.equal('unknown')
    expect(worstAnswer([free!], ['solvent'])).to.equal(null)
  })
  it('is nothing exactly where every one of them may come in', () => {
    const some = fc.subarray([...library], { maxLength: 5 })
    fc.assert(
      fc.property(some, fc.subarray([...policyIds]), (materials, policies) => {
        const free = materials.every((material) => policyAnswers(material, policies).length === 0)
        expect(worstAnswer(materials, policies) === null).to.equal(free)
      }),
    )
  })
})

describe('what a film sets by', () => {
  const filmWith = (...materials: readonly string[]) => {
    const lines = materials.map((material) => ({ material, amount: 1, unit: 'g' as const }))
    const made = analyseMedium({ lines }, findInLibrary)
    if (!made.ok) throw new Error('no medium')
    const paints = [
      { pigments: [{ pigment: 'pw6_rutile', share: 1 }], oil: 'linseed_alkali_refined', parts: 1 },
    ]
    const medium = { ingredients: made.medium.ingredients, parts: 1 }
    const found = filmOf({ paints, medium, wetThicknessUm: 60 }, findInLibrary)
    if (!found.ok) throw new Error(found.message)
    return found.film
  }
  it('an egg emulsion by its water, a wax paste by its spirit, oil and a thinned glaze by drying alone', () => {
    expect(leavesToSet(filmWith('egg_yolk', 'walnut', 'water'))).to.equal('water')
    expect(leavesToSet(filmWith('cold_wax_paste'))).to.equal('spirit')
    expect(leavesToSet(filmWith('linseed_stand_oil'))).to.equal(null)
    expect(leavesToSet(filmWith('linseed_stand_oil', 'gum_turpentine'))).to.equal(null)
  })
  it('thick, cold or damp it takes longer, and never less than once', () => {
    const room = { temperatureC: 20, relativeHumidityPct: 50, light: 1 }
    const um = fc.double({ min: 1, max: 3000, noNaN: true })
    fc.assert(
      fc.property(um, um, (a, b) => {
        const [thin, thick] = [Math.min(a, b), Math.max(a, b)].map((one) => leavingTimes(one, room))
        expect(thin!).to.be.at.least(1).and.at.most(thick!)
        expect(leavingTimes(a, { ...room, temperatureC: 8 })).to.equal(2 * leavingTimes(a, room))
        expect(leavingTimes(a, { ...room, relativeHumidityPct: 80 })).to.equal(2 * leavingTimes(a, room))
      }),
    )
  })
})

describe('a make of one’s own', () => {
  it('whose speed was not told is not called fast or slow', () => {
    const own = { ...lot('mine', { base: null, family: 'ready_medium' }), stays: { oil: 1, alkyd: 1 } }
    const told = (rate: number | null) => deedsOf(materialOf({ ...own, rate }, findInLibrary))
    expect(told(null)).to.include('speed not known')
    expect(told(3)).to.include('fast').and.not.include('speed not known')
  })
})
