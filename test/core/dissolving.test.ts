import { expect } from 'chai'
import { describe, it } from 'mocha'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { insolubleBecause, solvencyOf } from '../../src/core/materials/solubility.ts'
import type { Material } from '../../src/core/materials/material.ts'
import type { Ingredient } from '../../src/core/medium/medium.ts'
import { driersOf, drierLoadG, drierLoadOf } from '../../src/core/medium/driers.ts'
import type { FatShares } from '../../src/core/medium/fat.ts'
import { library } from '../../src/core/materials/library.ts'
import { grounds, groundOf, suctionUmOf, suctionUnder, supports } from '../../src/core/stack/support.ts'

const book = (id: string) => findInLibrary(id)!
const noFat: FatShares = {
  nonDrying: 0,
  yolk: 0,
  tung: 0,
  heatBodied: 0,
  leaded: 0,
  boiled: 0,
  alkyd: 0,
  yellowing: 3,
}

describe('what dissolves a resin', () => {
  const why = (resin: string, solvents: readonly string[], inOil = false) =>
    insolubleBecause(book(resin), solvents.map(book), inOil)
  it('turpentine takes damar and mastic, and not shellac, which wants ethanol', () => {
    expect(why('damar', ['gum_turpentine'])).to.equal(null)
    expect(why('mastic', ['gum_turpentine'])).to.equal(null)
    expect(why('shellac', ['gum_turpentine'])?.severity).to.equal('unsound')
    expect(why('shellac', ['gum_turpentine'])?.message).to.include('it wants ethanol')
  })
  it('spirit without aromatics takes damar badly, and says what takes it', () => {
    const found = why('damar', ['mineral_spirit_dearomatised_low_flash'])
    expect(found?.message).to.include('turpentine')
    expect(solvencyOf(book('damar'), [book('mineral_spirit_dearomatised_low_flash')])).not.to.equal('yes')
  })
  it('a mixture takes what the best of it takes', () => {
    const both = ['mineral_spirit_dearomatised_low_flash', 'gum_turpentine']
    expect(solvencyOf(book('damar'), both.map(book))).to.equal('yes')
    expect(why('damar', both)).to.equal(null)
  })
  it('warm oil takes damar; no oil takes shellac', () => {
    expect(why('damar', [], true)).to.equal(null)
    expect(why('shellac', [], true)?.message).to.include('does not dissolve in oil')
  })
  it('hard copal is bought run: no procedure is given', () => {
    const found = why('copal_hard', ['gum_turpentine'])
    expect(found?.severity).to.equal('unsound')
    expect(found?.message).to.include('Buy it run')
  })
})

describe('driers', () => {
  const drier = library.find(({ family, maxMetalPercent }) => family === 'drier' && maxMetalPercent)!
  const grams = (massG: number, material: Material): Ingredient => ({
    material,
    massG,
    volumeMl: massG / material.densityGPerMl.mid,
  })
  const oil = grams(100, book('linseed_alkali_refined'))
  const atMost = (drier.maxMetalPercent! * 100) / drier.metalPercent!
  it('the most advised loads the oil it is meant for, and no more', () => {
    const all = [oil, grams(atMost, drier)]
    expect(drierLoadG(all)).to.be.closeTo(100, 1e-9)
    expect(drierLoadOf({ fat: noFat, driers: driersOf(all) })).to.be.closeTo(1, 0.02)
  })
  it('law: twice the drier is twice the load', () => {
    const load = (times: number) =>
      drierLoadOf({ fat: noFat, driers: driersOf([oil, grams(times * atMost, drier)]) })
    expect(load(2)).to.be.closeTo(2 * load(1), 1e-6)
  })
  it('leaded and boiled oil and much alkyd bring their own; a little alkyd does not count', () => {
    const load = (fat: Partial<FatShares>) =>
      drierLoadOf({ fat: { ...noFat, ...fat }, driers: { doses: [] } })
    expect(load({ leaded: 0.5 })).to.be.above(1)
    expect(load({ boiled: 1 })).to.equal(1)
    expect(load({ alkyd: 1 })).to.equal(0.5)
    expect(load({ alkyd: 0.1 })).to.equal(0)
  })
  it('without fat there is nothing to dry', () => {
    expect(driersOf([grams(1, drier)]).doses).to.deep.equal([])
  })
})

describe('supports and grounds', () => {
  it('cloth moves more than panel, and metal least', () => {
    const strain = (id: string) => supports.find((one) => one.id === id)!.strain
    expect(strain('linen_stretched')).to.be.above(strain('hardwood_panel'))
    expect(strain('hardwood_panel')).to.be.above(strain('aluminium_composite'))
  })
  it('glue gesso bends with nothing; chalk drinks most, an oil ground least', () => {
    expect(groundOf('chalk_glue_gesso')!.bends).to.equal('not')
    const drinks = (id: string) => suctionUmOf(groundOf(id))
    expect(drinks('chalk_glue_gesso')).to.be.above(drinks('acrylic_dispersion_ground'))
    expect(drinks('acrylic_dispersion_ground')).to.be.above(drinks('oil_ground_lead_white'))
  })
  it('an old picture is closed, whatever lies under it', () => {
    for (const ground of grounds) expect(suctionUnder(ground, true)).to.equal(0)
    expect(suctionUnder(groundOf('chalk_glue_gesso'), false)).to.be.above(0)
  })
  it('no ground is ready sooner than at its least, and oil grounds take weeks', () => {
    for (const { readyDays } of grounds) expect(readyDays.good).to.be.at.least(readyDays.least)
    for (const id of ['oil_ground_lead_white', 'oil_ground_titanium', 'oil_ground_zinc'])
      expect(groundOf(id)!.readyDays.good).to.be.at.least(30)
  })
})
