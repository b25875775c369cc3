import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { cautionsOf, hazardsOf } from '../../src/core/materials/hazards.ts'
import { normalised, noShares, sumOf } from '../../src/core/materials/material.ts'
import {
  dryingClassAt,
  dryingOf,
  iodineFromAcids,
  mixedIodine,
  usualBounds,
} from '../../src/core/materials/iodine.ts'
import { library } from '../../src/core/materials/library.ts'
import { materialOf, withNonVolatile } from '../../src/core/materials/own.ts'
import { policyAnswers, policyIds } from '../../src/core/materials/policy.ts'
import { findIn, indexed } from '../../src/core/materials/search.ts'
import { familyNames } from '../../src/core/materials/families.ts'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { drierDosing } from '../../src/core/medium/drierDose.ts'
import { pairsIn } from '../../src/core/medium/pairs.ts'
import { puttyOf } from '../../src/core/dosing/putty.ts'
import { costOf } from '../../src/core/medium/cost.ts'
import { tubesFrom, wholeDrops } from '../../src/core/batch/scaling.ts'
import { lot } from '../studio/bodies.ts'

const of = (id: string) => findInLibrary(id)!

describe('the book of materials', () => {
  it('has for each a name, a family, a density and shares that make a whole', () => {
    for (const { id, name, family, densityGPerMl, shares } of library) {
      expect(name, id).to.match(/\S/)
      expect(familyNames[family], id).to.match(/\S/)
      expect(densityGPerMl.low, id).to.be.at.most(densityGPerMl.mid).and.be.above(0.1)
      expect(densityGPerMl.high, id).to.be.at.least(densityGPerMl.mid)
      expect(sumOf({ ...noShares, ...shares }), id).to.be.closeTo(1, 1e-6)
    }
  })
  it('names each material once', () => {
    expect(new Set(library.map(({ id }) => id)).size).to.equal(library.length)
  })
  it('shares brought to a whole keep their proportions', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 50, noNaN: true }),
        fc.double({ min: 0.01, max: 50, noNaN: true }),
        (oil, wax) => {
          const whole = normalised({ ...noShares, oil, wax })
          expect(whole.oil + whole.wax).to.be.closeTo(1, 1e-9)
          expect(whole.oil / whole.wax).to.be.closeTo(oil / wax, 1e-6)
        },
      ),
    )
  })
})

describe('a lot of the painter’s own', () => {
  it('is the book’s material but for what is known better', () => {
    const ours = materialOf(lot('walnut', { densityGPerMl: 0.95, rate: 0.6 }), findInLibrary)
    expect([ours.densityGPerMl.mid, ours.rate!.mid]).to.deep.equal([0.95, 0.6])
    expect(ours.iodineValue).to.deep.equal(of('walnut').iodineValue)
    expect(ours.shares).to.deep.equal(of('walnut').shares)
  })
  it('of its own make dries to what it is said to be made of', () => {
    const gel = materialOf(
      lot('gel', {
        base: null,
        family: 'ready_medium',
        densityGPerMl: 0.95,
        nonVolatile: { low: 0.5, high: 0.7 },
        stays: { alkyd: 3, oil: 1 },
      }),
      findInLibrary,
    )
    expect(gel.shares.volatile).to.be.closeTo(0.4, 1e-9)
    expect(gel.shares.alkyd! / gel.shares.oil!).to.be.closeTo(3, 1e-9)
  })
  it('with another share of it staying keeps the proportions of what stays', () => {
    const paste = of('cold_wax_paste')
    const thicker = withNonVolatile(paste, 0.8)
    const stays = (material: typeof paste): number =>
      1 - (material.shares.volatile ?? 0) - (material.shares.water ?? 0)
    expect(stays(thicker)).to.be.closeTo(0.8, 1e-9)
  })
})

describe('oils by their iodine value', () => {
  it('raw linseed dries, olive does not, and poppy is at least half of it', () => {
    expect(dryingOf(of('linseed_cold_pressed').iodineValue!).classes).to.deep.equal(['drying'])
    expect(dryingOf(of('olive').iodineValue!).classes).to.deep.equal(['non-drying'])
    expect(dryingClassAt(130, usualBounds)).to.equal('drying')
    expect(dryingClassAt(99.9, usualBounds)).to.equal('non-drying')
  })
  it('is told from the fatty acids: more linolenic, more iodine', () => {
    const linseed = iodineFromAcids({ oleic: 19, linoleic: 15, linolenic: 56 })
    expect(linseed).to.be.closeTo(0.86 * 19 + 1.732 * 15 + 2.616 * 56, 1)
  })
  it('of a mixture lies between those of its parts', () => {
    const mixed = mixedIodine([
      { iodine: of('linseed_cold_pressed').iodineValue!, massG: 5 },
      { iodine: of('olive').iodineValue!, massG: 5 },
    ])!
    expect(mixed.mid).to.be.within(of('olive').iodineValue!.mid, of('linseed_cold_pressed').iodineValue!.mid)
  })
})

describe('what can hurt', () => {
  const told = (...ids: string[]) => cautionsOf(ids.map(of)).join(' ')
  it('whatever gives off vapour says so: pastes, driers, alkyds, not only solvents', () => {
    for (const material of library)
      if (
        (material.shares.volatile ?? 0) >= 0.01 &&
        material.family !== 'acid' &&
        material.id !== 'ammonia_5'
      )
        expect(material.hazards, material.id).to.include('solvent vapour')
    expect(told('alkyd_medium_fluid')).to.include('never put solvent on heat')
    expect(told('ethanol')).to.include('Highly flammable')
    expect(told('gum_turpentine')).to.include('enters the lungs').and.include('no safe amount')
  })
  it('each hazard has its own sentence: egg is kept cold, walnut an allergen, lead never sanded', () => {
    expect(told('egg_yolk')).to.include('keep it cold').and.not.include('sand')
    expect(told('walnut')).to.include('Walnut is an allergen')
    expect(told('pw1')).to.include('never sand it dry').and.include('pregnancy')
    expect(told('linseed_boiled_metal_drier')).to.include('Cobalt').and.include('Manganese')
    expect(told('pb27')).to.include('acid and heat')
    expect(told('pbr7_raw_umber')).to.include('Manganese')
  })
  it('what has no harm of its own says only that the data sheet comes first, and oil that its rags heat', () => {
    expect(cautionsOf([of('pv19')])).to.have.length(1)
    expect(cautionsOf([of('poppy')])).to.have.length(2)
    expect(cautionsOf([of('chalk_whiting')], true)).to.have.length(1)
  })
  it('a make of the painter’s own dries as what it is made of: alkyd five times as fast', () => {
    const own = materialOf(
      lot('own', { base: null, family: 'alkyd', densityGPerMl: 0.95, stays: { alkyd: 1 } }),
      findInLibrary,
    )
    expect(own.rate!.mid).to.equal(5)
  })
  it('every pigment has a lightfastness; alizarin fades, ochre does not, asphaltum never dries', () => {
    const pigments = library.filter(({ family }) => family === 'pigment')
    for (const { id, lightfastness } of pigments) expect(lightfastness, id).to.match(/^(I|II|III|IV|V)\b/)
    expect([of('pr83').lightfastness, of('py43').lightfastness]).to.deep.equal(['III', 'I'])
    expect(of('nbk6').rate!.mid).to.be.below(0.1)
  })
})

describe('what a room forbids', () => {
  const answers = (id: string) =>
    policyAnswers(of(id), [...policyIds]).map(({ policy, answer }) => `${policy} ${answer}`)
  it('turpentine is a solvent, cold wax carries one, walnut is a nut, white lead is lead', () => {
    expect(answers('gum_turpentine')).to.include('solvent refused')
    expect(answers('cold_wax_paste')).to.include('solvent refused')
    expect(answers('walnut')).to.include('nuts refused')
    expect(answers('pw1')).to.include('lead refused')
  })
  it('pressed linseed is free of all; of refined oil nobody knows', () => {
    expect(answers('linseed_cold_pressed')).to.deep.equal([])
    expect(answers('linseed_alkali_refined')).to.deep.equal(['solvent unknown'])
  })
  it('a room that forbids nothing refuses nothing', () => {
    for (const material of library) expect(policyAnswers(material, [])).to.deep.equal([])
  })
})

describe('found by what it does', () => {
  const all = library.map((material) => indexed(material, familyNames[material.family]))
  const found = (words: string) => findIn(all, words).map(({ material }) => material.id)
  it('more words find no more', () => {
    expect(found('')).to.have.length(library.length)
    expect(found('oils slow').length).to.be.below(found('oils').length)
    expect(found('oils slow, pale').every((id) => found('oils slow').includes(id))).to.equal(true)
  })
  it('“no lead” finds what is free of it', () => {
    expect(found('no lead')).to.include('walnut').and.not.include('pw1')
  })
})

describe('reckonings at the bench', () => {
  it('a drier is dosed by its share of the oil, and its ceiling is told beside it', () => {
    const drier = library.find(({ metalPercent, maxMetalPercent }) => metalPercent && maxMetalPercent)!
    const dosed = drierDosing(drier, 100, 0.01)
    expect(dosed.grams).to.be.closeTo(1, 1e-9)
    const atMost = drierDosing(drier, 100, dosed.mostGrams! / 100)
    expect(atMost.metalPercent).to.be.closeTo(drier.maxMetalPercent!, 1e-9)
  })
  it('vinegar on chalk foams, and on lead white poisons; oil alone is told nothing', () => {
    const acid = library.find(({ family }) => family === 'acid')!
    const said = (...ids: readonly string[]) => pairsIn([acid, ...ids.map(of)]).map(({ pair }) => pair)
    expect(said('marble_dust')).to.include('acid-carbonate')
    expect(said('pw1')).to.include('acid-lead')
    expect(pairsIn([of('walnut')])).to.deep.equal([])
  })
  it('a putty needs more oil the more filler it carries, and its load is what was asked', () => {
    const [less, more] = [0.3, 0.5].map((load) =>
      puttyOf(of('chalk_natural') ?? of('marble_dust'), 100, of('walnut'), load),
    )
    expect(less!.oilG).to.be.above(more!.oilG)
  })
  it('a cost counts only what has a price', () => {
    const priced = materialOf(
      lot('walnut', { price: { coins: 10, for: { amount: 100, unit: 'g' } } }),
      findInLibrary,
    )
    const cost = costOf([
      { material: priced, massG: 50, volumeMl: 54 },
      { material: of('damar'), massG: 5, volumeMl: 5 },
    ])
    expect(cost.total).to.be.closeTo(5, 1e-6)
    expect(cost.unpriced).to.deep.equal([of('damar').name])
  })
  it('drops are whole, and what that changes is told', () => {
    const drops = wholeDrops({ material: 'walnut', amount: 10, unit: 'drop' }, 0.33)!
    expect(drops.drops).to.equal(3)
    expect(drops.error).to.be.closeTo(3 / 3.3 - 1, 1e-9)
    expect(wholeDrops({ material: 'walnut', amount: 10, unit: 'ml' }, 0.33)).to.equal(null)
  })
  it('tubes are filled whole, and what is over is told', () => {
    const { tubes, yieldMl, leftMl } = tubesFrom(200, 0.05, 36)
    expect([tubes, yieldMl]).to.deep.equal([5, 190])
    expect(leftMl).to.be.closeTo(10, 1e-9)
  })
  it('cautions are told once each', () => {
    const hazards = hazardsOf([of('gum_turpentine'), of('gum_turpentine'), of('pw1')])
    expect(new Set(hazards).size).to.equal(hazards.length)
    expect(hazards.join()).to.match(/lead/)
  })
})
