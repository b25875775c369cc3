import { library } from '../../src/core/materials/library.ts'
import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { emulsionOf } from '../../src/core/batch/emulsion.ts'
import { variationGrid } from '../../src/core/batch/grid.ts'
import { freshnessOn, keepingOf } from '../../src/core/batch/keeping.ts'
import { heatGuard, methodOf, weighedInOrder, missingBefore, unsettled } from '../../src/core/batch/method.ts'
import { repairOf, runningOf, weighingsOf } from '../../src/core/batch/pouring.ts'
import { timesFor, tubesFrom, wholeDrops } from '../../src/core/batch/scaling.ts'
import { needOf, shortagesOf } from '../../src/core/batch/stock.ts'
import type { Material } from '../../src/core/materials/material.ts'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { analyseMedium } from '../../src/core/medium/medium.ts'
import type { Medium } from '../../src/core/medium/medium.ts'
import { dayOf } from '../../src/core/plan/calendar.ts'

const material = (id: string): Material => findInLibrary(id)!
const g = (id: string, amount: number) => ({ material: id, amount, unit: 'g' as const })
function made(...lines: readonly ReturnType<typeof g>[]): Medium {
  const found = analyseMedium({ lines }, findInLibrary)
  if (!found.ok) throw new Error(found.problems[0]!.message)
  return found.medium
}

describe('scaling a batch', () => {
  const yolk = made(g('egg_yolk', 1), g('vinegar_5', 0.8), g('linseed_cold_pressed', 4))
  it('C07: one yolk of 15.5 g sets the rest: 12.4 g of acid and 62.0 g of oil', () => {
    const scaled = timesFor(yolk, { kind: 'item', material: 'egg_yolk', g: 15.5 })
    expect(
      scaled.ok && yolk.lines.map(({ massG }) => Number((massG * scaled.times).toFixed(6))),
    ).to.deep.equal([15.5, 12.4, 62])
  })
  it('a jar, a weight and a number of tubes scale to what is wanted; a budget needs every price', () => {
    const times = (by: Parameters<typeof timesFor>[1]): number => {
      const scaled = timesFor(yolk, by)
      return scaled.ok ? scaled.times : NaN
    }
    expect(times({ kind: 'volume', ml: 180 }) * yolk.volumeMl).to.be.closeTo(180, 1e-9)
    expect(times({ kind: 'mass', g: 200 }) * yolk.massG).to.be.closeTo(200, 1e-9)
    expect(times({ kind: 'tubes', count: 7, ml: 36, loss: 0.1 }) * yolk.volumeMl * 0.9).to.be.closeTo(
      252,
      1e-9,
    )
    const budget = timesFor(yolk, { kind: 'budget', coins: 5 })
    expect(!budget.ok && budget.message).to.include('No price on the shelf for Egg yolk')
  })
  it('drops are rounded to whole ones, and the error is told; never to none', () => {
    expect(wholeDrops({ material: 'cobalt', amount: 3, unit: 'drop' }, 1.5)).to.deep.equal({
      drops: 5,
      error: 5 / 4.5 - 1,
    })
    expect(wholeDrops({ material: 'cobalt', amount: 1, unit: 'drop' }, 0.2)!.drops).to.equal(1)
    expect(wholeDrops({ material: 'cobalt', amount: 1, unit: 'g' }, 2)).to.equal(null)
  })
  it('C26: 310 ml less 8 % fill seven tubes of 36 ml and leave 33.2 ml', () => {
    const { yieldMl, tubes, leftMl } = tubesFrom(310, 0.08, 36)
    expect([yieldMl.toFixed(1), tubes, leftMl.toFixed(1)]).to.deep.equal(['285.2', 7, '33.2'])
  })
})

describe('pouring', () => {
  it('C06: 120 oil, 9 resin, 7 wax and filler 15 + 12 + 8: 171 g, resin 5.26 % of all and 6.62 % of the organics', () => {
    const pours = [
      g('linseed_cold_pressed', 120),
      g('damar', 9),
      g('beeswax', 7),
      g('chalk_whiting', 15),
      g('marble_dust', 12),
      g('kaolin', 8),
    ]
    const { massG, ofAll, ofOrganics } = runningOf(made(...pours).ingredients)
    expect([massG, (100 * ofAll.resin).toFixed(2), (100 * ofOrganics.resin).toFixed(2)]).to.deep.equal([
      171,
      '5.26',
      '6.62',
    ])
  })
  const amounts = fc.array(fc.double({ min: 1, max: 500, noNaN: true }), { minLength: 2, maxLength: 20 })
  it('an overpour put right keeps the proportions, and never asks to take anything out', () =>
    fc.assert(
      fc.property(amounts, fc.nat(), fc.double({ min: 1.05, max: 4, noNaN: true }), (grams, which, times) => {
        const targets = grams.map((one, at) => ({ material: `m${at}`, grams: one }))
        const over = targets[which % targets.length]!
        const repair = repairOf(targets, [{ material: over.material, grams: over.grams * times }])!
        expect(repair.over).to.equal(over.material)
        repair.targets.forEach(({ grams: now }, at) =>
          expect(now / targets[at]!.grams).to.be.closeTo(times, 1e-9),
        )
        for (const { left } of weighingsOf(repair.targets, [
          { material: over.material, grams: over.grams * times },
        ]))
          expect(left).to.be.at.least(-1e-6)
      }),
    ))
  it('a pour that is right, or short, asks for nothing', () => {
    expect(
      repairOf(
        [
          { material: 'walnut', grams: 100 },
          { material: 'damar', grams: 10 },
        ],
        [{ material: 'walnut', grams: 100.4 }],
      ),
    ).to.equal(null)
  })
})

describe('the method', () => {
  const steps = (...ids: string[]) => methodOf(ids.map(material))
  const before = (all: ReturnType<typeof steps>, first: string, then: string): boolean =>
    all.findIndex(({ id }) => id === first) < all.findIndex(({ id }) => id === then)
  it('C17: resin is dissolved and the heat off before wax; wax ticked too soon asks for the granules', () => {
    const hot = steps('linseed_stand_oil', 'damar', 'beeswax', 'chalk_whiting')
    expect(
      before(hot, 'dissolve', 'wax') && before(hot, 'heat-off', 'wax') && before(hot, 'wet-filler', 'filler'),
    ).to.equal(true)
    const missing = missingBefore(hot, 'wax', ['crush'])
    expect(missing.map(({ id }) => id)).to.deep.equal(['dissolve', 'heat-off'])
    expect(missing[0]!.look).to.include('No granules')
  })
  it('preservative comes before the oil, oil goes in drop by drop, and an egg batch is not finished without the question answered', () => {
    const egg = steps('egg_yolk', 'vinegar_5', 'walnut')
    expect(egg.map(({ id }) => id)).to.deep.equal(['yolk', 'acid', 'preservative', 'oil-drops', 'fill'])
    expect(unsettled(egg, ['yolk', 'acid', 'oil-drops'], []).map(({ id }) => id)).to.deep.equal([
      'preservative',
    ])
    expect(unsettled(egg, [], ['preservative'])).to.deep.equal([])
  })
  it('resin in solvent is never heated', () => {
    const cold = steps('damar', 'gum_turpentine', 'linseed_stand_oil')
    expect(cold.some(({ care }) => care.includes('120 °C'))).to.equal(false)
    expect(cold.find(({ id }) => id === 'dissolve')!.care).to.include('never on heat')
  })
  it('C18: into a pot of 90 °C no spirit of flash point 40 goes: off the heat and below 25 °C; egg would boil over', () => {
    const spirit = { ...material('mineral_spirit_dearomatised_low_flash'), flashPointC: 40 }
    const answer = heatGuard(90, spirit)
    expect(!answer.ok && answer.message).to.include('Off the heat first, and down to 25 °C')
    expect(heatGuard(24, spirit).ok).to.equal(true)
    const egg = heatGuard(60, material('egg_yolk'))
    expect(!egg.ok && egg.message).to.include('boil over')
    expect(heatGuard(130, material('linseed_stand_oil')).ok).to.equal(false)
    expect(heatGuard(90, material('larch_balsam')).ok).to.equal(false)
    expect(heatGuard(35, material('larch_balsam')).ok).to.equal(true)
  })
  it('whatever goes into a batch stands in exactly one step', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.constantFrom(...library), { maxLength: 8 }), (chosen) => {
        const all = methodOf(chosen)
        const placed = all.flatMap(({ materials }) => materials)
        expect([...placed].sort()).to.deep.equal(chosen.map(({ id }) => id).sort())
        const ids = all.map(({ id }) => id)
        expect(new Set(ids).size).to.equal(ids.length)
        all.forEach(({ needs }, at) => {
          for (const need of needs) expect(ids.indexOf(need)).to.be.within(0, at - 1)
        })
      }),
      { numRuns: 400 },
    )
  })
  it('what dissolves cold is weighed first and never meets the pot: a warm studio does not lock it out', () => {
    const glaze = steps('linseed_stand_oil', 'gum_turpentine', 'damar')
    const order = weighedInOrder(
      ['linseed_stand_oil', 'gum_turpentine', 'damar'].map((id) => ({ material: id })),
      glaze,
    ).map((one) => one.material)
    expect(order).to.deep.equal(['damar', 'gum_turpentine', 'linseed_stand_oil'])
    expect(glaze.every(({ warmth }) => warmth === 'cold')).to.equal(true)
  })
  it('wax with solvent is warmed in tap water, and no plate is named; wax in oil by where it melts', () => {
    const paste = steps('beeswax', 'gum_turpentine')
    expect(paste.find(({ id }) => id === 'wax')!.look).to.include('hot tap water')
    expect(paste.some(({ id }) => id === 'heat-off')).to.equal(false)
    expect(steps('carnauba', 'walnut').find(({ id }) => id === 'oil')!.look).to.include('91 °C')
    expect(steps('walnut', 'aluminium_stearate').some(({ look }) => look.includes('wax'))).to.equal(false)
  })
  it('what oil does not take is stopped at, and never put on heat', () => {
    const copal = steps('copal_hard', 'linseed_stand_oil').find(({ id }) => id === 'dissolve')!
    expect([copal.warmth, copal.timerMinutes]).to.deep.equal(['cold', undefined])
    expect(copal.look).to.include('Buy it run')
  })
  it('alkyd and driers go in last and cold; clove oil is no drier', () => {
    const all = steps('damar', 'linseed_stand_oil', 'alkyd_medium_fluid', 'cobalt', 'clove_oil')
    expect(before(all, 'heat-off', 'alkyd') && before(all, 'alkyd', 'drier')).to.equal(true)
    expect(all.find(({ id }) => id === 'dissolve')!.materials).to.not.include('alkyd_medium_fluid')
    expect(all.find(({ id }) => id === 'retarder')!.materials).to.deep.equal(['clove_oil'])
  })
  it('egg takes the oil drop by drop, and the resin varnish after it', () => {
    const all = steps('egg_yolk', 'walnut', 'damar', 'gum_turpentine')
    expect(before(all, 'strain', 'join') && before(all, 'oil-drops', 'join')).to.equal(true)
  })
})

describe('keeping and using', () => {
  it('C21: an egg batch made on 3 March and kept cold is amber on the 6th and red on the 7th', () => {
    const keeping = keepingOf([material('egg_yolk'), material('walnut')], true)
    expect(keeping.days).to.equal(4)
    const on = (date: string) => freshnessOn(dayOf('2027-03-03T10:00')!, keeping, dayOf(date)!)
    expect(['2027-03-05', '2027-03-06', '2027-03-07'].map(on)).to.deep.equal(['fresh', 'watch', 'past'])
    expect(keepingOf([material('egg_yolk')], false).days).to.be.below(4)
    expect([keeping.lookFor, keeping.lookEveryDays]).to.deep.equal(['smell, mould and separation', 1])
  })
  it('turpentine ages within a year of opening, damar in solution within two, walnut oil within one', () => {
    const days = (...ids: string[]) => keepingOf(ids.map(material), false).days
    expect(days('gum_turpentine')).to.equal(365)
    expect(days('damar', 'white_spirit_aromatic')).to.equal(730)
    expect(days('hempseed')).to.equal(365)
    expect(days('isoparaffin')).to.be.above(1800)
  })
  it('C22: yolk 32 g, acid 20 g, oil 110 g: added oil 67.9 % of the wet, dried about 95 % oil, fat when dry; over 4 to 1 it may turn', () => {
    const emulsion = emulsionOf(
      made(g('egg_yolk', 32), g('vinegar_5', 20), g('linseed_cold_pressed', 110)).ingredients,
    )!
    expect([
      (100 * emulsion.addedOilOfWet).toFixed(1),
      Math.round(100 * emulsion.oilOfDry),
      emulsion.fatWhenDry,
      emulsion.mayTurn,
    ]).to.deep.equal(['67.9', 95, true, false])
    expect(emulsionOf(made(g('egg_yolk', 10), g('walnut', 50)).ingredients)!.mayTurn).to.equal(true)
    expect(emulsionOf(made(g('walnut', 50)).ingredients)).to.equal(null)
  })
  it('C28: 40 ml are left, six layers need 9 ml each: short of 14 ml', () => {
    expect(needOf([9, 9, 9, 9, 9, 9], 40)).to.deep.equal({ needMl: 54, haveMl: 40, shortMl: 14 })
  })
  it('C30: three steps of wax by three of filler at 10 g: nine cells, 90 g, each at its own shares', () => {
    const base = [
      { material: 'walnut', grams: 80 },
      { material: 'beeswax', grams: 5 },
      { material: 'marble_dust', grams: 15 },
    ]
    const cells = variationGrid(
      base,
      { material: 'beeswax', shares: [0.02, 0.04, 0.06] },
      { material: 'marble_dust', shares: [0.1, 0.2, 0.3] },
      10,
    )!
    expect(
      cells.reduce((sum, { lines }) => sum + lines.reduce((all, { grams }) => all + grams, 0), 0),
    ).to.be.closeTo(90, 1e-9)
    const b2 = cells.find(({ label }) => label === 'B2')!
    expect(
      Object.fromEntries(b2.lines.map(({ material: id, grams }) => [id, Number(grams.toFixed(6))])),
    ).to.deep.equal({
      walnut: 7.6,
      beeswax: 0.4,
      marble_dust: 2,
    })
    expect(
      variationGrid(
        base,
        { material: 'beeswax', shares: [0.6] },
        { material: 'marble_dust', shares: [0.5] },
        10,
      ),
    ).to.equal(null)
  })
})

describe('what there is too little of', () => {
  it('is told with how often the recipe can be made of it; what is not counted is never short', () => {
    const recipe = [
      { material: 'walnut', grams: 20 },
      { material: 'damar', grams: 5 },
      { material: 'chalk', grams: 60 },
    ]
    const stock = new Map([
      ['walnut', 30],
      ['damar', 10],
    ])
    const short = shortagesOf(recipe, 2, (id) => stock.get(id) ?? null)
    expect(short).to.deep.equal([{ material: 'walnut', hasG: 30, enoughFor: 1.5 }])
  })
})
