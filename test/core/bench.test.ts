import { expect } from 'chai'
import { describe, it } from 'mocha'
import highs from 'highs'
import { filmOf } from '../../src/core/film/film.ts'
import { oilToAdd } from '../../src/core/dosing/oilToAdd.ts'
import { tubeIngredients } from '../../src/core/film/paint.ts'
import { book } from '../../src/core/materials/book.ts'
import { dryingOf, iodineFromAcids, mixedIodine } from '../../src/core/materials/iodine.ts'
import { library } from '../../src/core/materials/library.ts'
import type { Material } from '../../src/core/materials/material.ts'
import { materialOf, withNonVolatile } from '../../src/core/materials/own.ts'
import type { OwnMaterial } from '../../src/core/materials/own.ts'
import { policyAnswers } from '../../src/core/materials/policy.ts'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { dropOf } from '../../src/core/measure/dropper.ts'
import { ofMixOf, onPaintOf, paintPerPart, roundedDown } from '../../src/core/medium/basis.ts'
import { costOf, layerCost } from '../../src/core/medium/cost.ts'
import { measuredText, largestText } from '../../src/core/dosing/doseWords.ts'
import { usualLargestDose } from '../../src/core/dosing/usualPaint.ts'
import { unfitnessOf } from '../../src/core/dosing/fitness.ts'
import { onlyIfAsked } from '../../src/core/dosing/design/asked.ts'
import { design, nearOf } from '../../src/core/dosing/design/design.ts'
import type { Wish } from '../../src/core/dosing/design/wish.ts'
import {
  doseAt,
  evenDoses,
  largestDose,
  mediumAt,
  shareAt,
  sideOf,
  standingsAt,
} from '../../src/core/dosing/dose.ts'
import type { Cap } from '../../src/core/dosing/dose.ts'
import { drierDosing, metalsIn } from '../../src/core/medium/drierDose.ts'
import { effectsOf, meets } from '../../src/core/medium/effects.ts'
import { analyseMedium } from '../../src/core/medium/medium.ts'
import type { Medium } from '../../src/core/medium/medium.ts'
import { oilFigures, oilsText, swapped } from '../../src/core/medium/oils.ts'
import { pairsIn } from '../../src/core/medium/pairs.ts'
import { addingTo, puttyOf } from '../../src/core/dosing/putty.ts'
import type { RecipeLine } from '../../src/core/medium/recipe.ts'
import { againstLimit, cornersOf, driedShare, safeMassG, spanOf } from '../../src/core/medium/span.ts'
import { linearSolver } from '../../src/document/dates/linear.ts'

const solve = linearSolver(await highs())
const material = (id: string): Material => findInLibrary(id)!
const g = (id: string, amount: number): RecipeLine => ({ material: id, amount, unit: 'g' })
function made(...lines: RecipeLine[]): Medium {
  const found = analyseMedium({ lines }, findInLibrary)
  if (!found.ok) throw new Error(found.problems[0]!.message)
  return found.medium
}
const tube = tubeIngredients(
  { pigments: [{ pigment: 'pw6_rutile', share: 1 }], oil: 'linseed_alkali_refined' },
  findInLibrary,
)
const paint = sideOf(tube.ok ? tube.ingredients : [])
const own = (rest: Partial<OwnMaterial>): OwnMaterial => ({
  id: 'lot',
  name: 'Thick oil, lot B',
  base: 'linseed_sun_thickened',
  family: 'oil',
  densityGPerMl: null,
  nonVolatile: null,
  stays: {},
  hazards: [],
  iodine: null,
  rate: null,
  price: null,
  dropper: [],
  ...rest,
})

describe('the shelf', () => {
  it('C01: a lot overrides the density of its class: 50 ml weighs 48.0 g by the book, 48.75 g by the lot', () => {
    const lot = materialOf(own({ densityGPerMl: 0.975 }), findInLibrary)
    const weigh = (one: Material): number => {
      const found = analyseMedium({ lines: [{ material: 'it', amount: 50, unit: 'ml' }] }, () => one)
      return found.ok ? found.medium.massG : NaN
    }
    expect(
      [weigh(material('linseed_sun_thickened')), weigh(lot)].map((mass) => Number(mass.toFixed(6))),
    ).to.deep.equal([48, 48.75])
    expect(lot.rate).to.deep.equal(material('linseed_sun_thickened').rate)
  })
  it('C04: 50 drops that weigh 1.35 g are 0.027 g each; 4 of them on 6 g of oil are 1.8 %; a counted dropper warns no more', () => {
    const drop = dropOf([{ drops: 50, grams: 1.35 }])!
    expect(drop.gramsEach).to.be.closeTo(0.027, 1e-12)
    expect((4 * drop.gramsEach) / 6).to.be.closeTo(0.018, 1e-12)
    const counted = materialOf(
      own({ id: 'cobalt', base: 'cobalt', dropper: [{ drops: 50, grams: 1.35 }] }),
      findInLibrary,
    )
    const warnings = (one: Material) => {
      const found = analyseMedium({ lines: [{ material: 'it', amount: 4, unit: 'drop' }] }, () => one)
      return found.ok ? found.medium.warnings.map(({ code }) => code) : []
    }
    expect([warnings(material('cobalt')), warnings(counted)]).to.deep.equal([['uncalibrated-drops'], []])
  })
  it('C05: crushed resin in a cup: the air between the lumps is not resin, and the painter is told', () => {
    const { lines, warnings } = made({ material: 'damar', amount: 20, unit: 'ml' })
    expect(lines[0]!.volumeMl).to.be.closeTo((20 * 0.6) / 1.06, 1e-9)
    expect(warnings.map(({ code }) => code)).to.deep.equal(['bulk-volume'])
  })
  it('C11: a room without solvent refuses what hides it, lets walnut alkyd in, and asks about a refined oil', () => {
    const answers = (id: string) => policyAnswers(material(id), ['solvent']).map(({ answer }) => answer)
    expect(answers('cold_wax_paste')).to.deep.equal(['refused'])
    expect(policyAnswers(material('cold_wax_paste'), ['solvent'])[0]!.reason).to.match(
      /carries up to \d+.% solvent by mass inside it/,
    )
    expect(answers('alkyd_walnut_solvent_free')).to.deep.equal([])
    expect(answers('linseed_alkali_refined')).to.deep.equal(['unknown'])
    expect(answers('linseed_cold_pressed')).to.deep.equal([])
    expect(policyAnswers(material('lead_tin_yellow'), ['lead'])[0]!.answer).to.equal('refused')
    expect(policyAnswers(material('walnut'), ['nuts'])[0]!.answer).to.equal('refused')
  })
  it('C12: 60 g at 180 and 40 g at 128 come to 159.2, drying; 118 to 138 straddles semi-drying and drying', () => {
    const at = (mid: number) => ({ low: mid, mid, high: mid })
    const mixed = mixedIodine([
      { massG: 60, iodine: at(180) },
      { massG: 40, iodine: at(128) },
    ])!
    expect(mixed.mid).to.be.closeTo(159.2, 1e-9)
    expect(dryingOf(mixed).classes).to.deep.equal(['drying'])
    expect(dryingOf({ low: 118, mid: 128, high: 138 }).classes).to.deep.equal(['semi-drying', 'drying'])
    expect(dryingOf({ low: 118, mid: 128, high: 138 }, { semi: 90, drying: 115 }).classes).to.deep.equal([
      'drying',
    ])
  })
  it('fatty acids give the iodine value the book states, for oils as pressed', () => {
    const { acids, other } = book['linseed_cold_pressed']!
    expect(iodineFromAcids(acids!) + other!.percent * other!.iodine).to.be.within(
      material('linseed_cold_pressed').iodineValue!.low,
      204,
    )
  })
})

describe('bases', () => {
  it('C02: 25 % of the mix is 33.3 % on the paint is 1 : 3; 25 % on the paint is 20 % of the mix, 1 : 4', () => {
    expect([onPaintOf(0.25), paintPerPart(0.25)]).to.deep.equal([1 / 3, 3])
    expect([ofMixOf(0.25), paintPerPart(0.2)]).to.deep.equal([0.2, 4])
  })
  it('limits round down', () =>
    expect([roundedDown(0.25799), roundedDown(17.56, 2), roundedDown(3)]).to.deep.equal([0.257, 17, 3]))
  it('C08: counted with its filler and without, and in the film, a resin share is three different numbers', () => {
    const share = (resin: number, rest: number): number => resin / (resin + rest)
    expect(share(6, 66)).to.be.closeTo(0.0833, 5e-5)
    const medium = made(
      { material: 'linseed_alkali_refined', amount: 60, unit: 'ml' },
      g('damar', 6 * 1.06),
      g('beeswax', 6 * 0.962),
      g('marble_dust', 30 * 2.71),
    )
    const { resin, extender } = medium.wet.byVolume
    expect(resin).to.be.closeTo(0.0588, 5e-5)
    expect(resin / (1 - extender)).to.be.closeTo(0.0833, 5e-5)
  })
  it('C09: oil and spirit, equal volumes, into paint: 50.0 % of the wet medium is 100 % of the dried one', () => {
    const medium = made(
      { material: 'linseed_alkali_refined', amount: 10, unit: 'ml' },
      { material: 'gum_turpentine', amount: 10, unit: 'ml' },
    )
    expect(
      [medium.wet.byVolume.oil, medium.dry.byVolume.oil].map((share) => Number(share.toFixed(9))),
    ).to.deep.equal([0.5, 1])
    const half = sideOf(
      made({ material: 'linseed_alkali_refined', amount: 50, unit: 'ml' }, g('marble_dust', 50 * 2.71))
        .ingredients,
    )
    const side = sideOf(medium.ingredients)
    expect(shareAt(half, side, { what: 'oil', of: 'mix-volume' }, 0.2)).to.be.closeTo(0.5, 1e-9)
    expect(shareAt(half, side, { what: 'oil', of: 'film-volume' }, 0.2)).to.be.closeTo(0.5556, 5e-5)
  })
  it('C10: 20 g of an alkyd of which 55–75 % stays, beside 60 g of dry film: 15.5–20 % of it; a cap of 18 % cannot tell; safe to 17.5 g', () => {
    const alkyd = { ...material('alkyd_long_oil'), nonVolatile: { low: 0.55, high: 0.75 } }
    const shares = cornersOf([{ material: alkyd, massG: 20, volumeMl: 20 }]).map(([one]) => {
      const stays = 20 * (one!.material.shares.alkyd ?? 0)
      return stays / (stays + 60)
    })
    const span = spanOf(shares)
    expect([span.low, span.high]).to.deep.equal([11 / 71, 0.2])
    expect(againstLimit(span, 0.18)).to.equal('cannot tell')
    expect(safeMassG(alkyd, 60, 0.18)).to.equal(17.5)
    expect(driedShare(alkyd.nonVolatile, 20, 60)).to.deep.equal(span)
    expect(withNonVolatile(alkyd, 0.6).shares).to.deep.equal({ alkyd: 0.6, volatile: 0.4 })
  })
})

describe('doses', () => {
  const resinous = made(g('linseed_alkali_refined', 88), g('damar', 12))
  const cap = (what: Cap['what'], of: Cap['of'], most: number): Cap => ({ what, of, most })
  it('C15: 12 % resin under a cap of 3 % of the mix: a quarter of the mix, 1 : 3; a dab of 1 : 2 holds 4 %', () => {
    const thin = made({ material: 'linseed_alkali_refined', amount: 88, unit: 'ml' }, g('damar', 12 * 1.06))
    const largest = largestDose(paint, thin.ingredients, [cap('resin', 'mix-volume', 0.03)])
    expect(paintPerPart(largest.ofMix)).to.be.closeTo(3, 1e-9)
    expect(
      shareAt(paint, sideOf(thin.ingredients), { what: 'resin', of: 'mix-volume' }, 1 / 3),
    ).to.be.closeTo(0.04, 1e-9)
  })
  it('C16: resin and wax, each below its cap, are stopped by the cap on their sum', () => {
    const both = made(g('linseed_alkali_refined', 80), g('damar', 10), g('beeswax', 10))
    const caps = [
      cap('resin', 'binder-mass', 0.05),
      cap('wax', 'binder-mass', 0.05),
      cap('solubles', 'binder-mass', 0.08),
    ]
    const { ofMix, stops } = largestDose(paint, both.ingredients, caps)
    expect(stops).to.equal(caps[2])
    const at = doseAt(paint, sideOf(both.ingredients), ofMix)
    expect(at.solublesOfBinder).to.be.closeTo(0.08, 1e-9)
    expect(Math.max(at.resinOfBinder, at.waxOfBinder)).to.be.below(0.05)
  })
  it('the dose curve says what the film says, at every dose', () => {
    for (const ofMix of evenDoses(6)) {
      const film = filmOf(
        {
          paints: [
            {
              pigments: [{ pigment: 'pw6_rutile', share: 1 }],
              oil: 'linseed_alkali_refined',
              parts: 1 - ofMix,
            },
          ],
          ...(ofMix > 0 && { medium: { ingredients: resinous.ingredients, parts: ofMix } }),
          wetThicknessUm: 50,
        },
        findInLibrary,
      )
      if (!film.ok) throw new Error(film.message)
      const point = doseAt(paint, sideOf(resinous.ingredients), ofMix)
      expect(point.resinOfBinder).to.be.closeTo(film.film.binder.resin, 1e-9)
      expect(point.oilContent).to.be.closeTo(film.film.oilContent, 1e-9)
      expect(point.binderRatio!).to.be.closeTo(film.film.binderRatio!, 1e-9)
    }
  })
  it('a product known only as a range is taken at its worst: the dose is the smaller', () => {
    const paste = made(g('linseed_alkali_refined', 60), g('cold_wax_paste', 40))
    const limit = [cap('wax', 'binder-mass', 0.05)]
    const middle = paste.ingredients.map((one) => ({
      ...one,
      material: { ...one.material, nonVolatile: undefined },
    }))
    expect(largestDose(paint, paste.ingredients, limit).ofMix).to.be.below(
      largestDose(paint, middle, limit).ofMix,
    )
  })
  it('a limit inside what a paste may hold cannot be told at that dose; below the safe dose it surely is kept', () => {
    const paste = made(g('linseed_alkali_refined', 60), g('cold_wax_paste', 40))
    const limit = [cap('wax', 'binder-mass', 0.05)]
    const safe = standingsAt(paint, paste.ingredients, limit, 0.1)[0]!.safeOfMix
    expect(standingsAt(paint, paste.ingredients, limit, safe * 0.99)[0]!.answer).to.equal('within')
    expect(standingsAt(paint, paste.ingredients, limit, safe * 1.01)[0]!.answer).to.equal('cannot tell')
    expect(standingsAt(paint, paste.ingredients, limit, 0.9)[0]!.answer).to.equal('over')
  })
  it('plain oil has no largest dose but the practice’s own', () => {
    expect(
      largestDose(paint, made(g('walnut', 1)).ingredients, [cap('resin', 'binder-mass', 0.1)]),
    ).to.deep.equal({ ofMix: Infinity, stops: null })
    const plain = largestDose(paint, made(g('walnut', 1)).ingredients, [], 0.25)
    expect([plain.stops, plain.ofMix]).to.deep.equal(['medium', 0.25])
  })
  it('how much medium there is leaves its solvent and its powder out, at the bench as in the judgement', () => {
    const thinned = made(g('walnut', 60), g('gum_turpentine', 40), g('chalk_whiting', 30))
    for (const ofMix of [0.1, 0.3, 0.6]) {
      const film = filmOf(
        {
          paints: [
            {
              pigments: [{ pigment: 'pw6_rutile', share: 1 }],
              oil: 'linseed_alkali_refined',
              parts: 1 - ofMix,
            },
          ],
          medium: { ingredients: thinned.ingredients, parts: ofMix },
          wetThicknessUm: 60,
        },
        findInLibrary,
      )
      const share = mediumAt(paint, sideOf(thinned.ingredients), ofMix)
      expect(share).to.be.closeTo(film.ok ? film.film.mix.mediumLessSolvent! : NaN, 1e-9)
      expect(share).to.be.below(ofMix)
    }
    const { ofMix } = largestDose(paint, thinned.ingredients, [], 0.25)
    expect(mediumAt(paint, sideOf(thinned.ingredients), ofMix)).to.be.closeTo(0.25, 1e-9)
  })
  it('C25: 0.8 % drier on 40 g of oil is 0.32 g, about 12 drops of 0.027 g, with its metal and its ceiling', () => {
    const cobalt = { ...material('cobalt'), dropMl: 0.027 / material('cobalt').densityGPerMl.mid }
    const dose = drierDosing(cobalt, 40, 0.008)
    expect([dose.grams, Math.round(dose.drops!)]).to.deep.equal([0.32, 12])
    expect(dose.metalPercent).to.be.closeTo(0.048, 1e-12)
    expect(dose.mostGrams).to.be.closeTo((40 * 0.1) / 6, 1e-12)
  })
  it('C24: 60 g of a filler at oil absorption 18 needs 10.8 g of oil at least; at a load of 0.6 it takes 34.1 ml, 31.7 g', () => {
    const filler = {
      ...material('chalk_whiting'),
      densityGPerMl: { low: 2.7, mid: 2.7, high: 2.7 },
      oilAbsorption: { low: 18, mid: 18, high: 18 },
    }
    const oil = { ...material('linseed_alkali_refined'), densityGPerMl: { low: 0.93, mid: 0.93, high: 0.93 } }
    const putty = puttyOf(filler, 60, oil, 0.6)!
    expect(
      [putty.leastOilG, putty.oilMl, putty.oilG, 100 * putty.cpvc, 100 * putty.pvc].map((value) =>
        value.toFixed(1),
      ),
    ).to.deep.equal(['10.8', '34.1', '31.7', '65.8', '39.5'])
  })
  it('30 g of paint at 38 % oil wants 3.82 g of oil to come to 45 %', () => {
    expect(addingTo(30, 0.38, 0.45)).to.be.closeTo(3.82, 0.005)
    expect(addingTo(30, 0.5, 0.45)).to.equal(null)
  })
  it('oil stirred into a white raises its oil by as much as was asked, and its fat with it', () => {
    const paint = { pigment: 'pw6_rutile', oil: 'linseed_alkali_refined' }
    const { oilG, from, to, fat } = oilToAdd(paint, 30, 0.07, findInLibrary)!
    expect((30 * from + oilG) / (30 + oilG)).to.be.closeTo(to, 1e-9)
    expect(fat[0]).to.be.closeTo(1.25, 0.01)
    expect(fat[1]).to.be.above(fat[0]!)
    expect(oilToAdd(paint, 30, 0.95, findInLibrary)).to.equal(null)
  })
})

describe('costs, swaps, effects and pairs', () => {
  it('C27: 8 g at 0.90, 30 g at 0.25 and 12 g at 0.05 come to 15.30, and what has no price is named', () => {
    const priced = ([8, 30, 12] as const).map((massG, at) => ({
      material: { ...material('walnut'), pricePerG: [0.9, 0.25, 0.05][at]! },
      massG,
      volumeMl: massG,
    }))
    expect(costOf(priced).total).to.be.closeTo(15.3, 1e-9)
    expect(costOf([{ material: material('poppy'), massG: 1, volumeMl: 1 }]).unpriced).to.deep.equal([
      'Poppyseed oil',
    ])
  })
  it('C27: the same heap from 3 g of costly paint and from 22 g: 4.20 against 30.80', () => {
    const glaze = layerCost(
      { areaCm2: 1000, wetUm: 220, dose: 1 - 3 / 22 },
      { densityGPerMl: 1, perG: 1.4 },
      0,
    )
    expect([glaze.neat, glaze.mixed].map((coins) => coins.toFixed(2))).to.deep.equal(['30.80', '4.20'])
  })
  it('C25: the metals of a drier and of a leaded oil are both told', () => {
    const metals = metalsIn(made(g('black_oil_leaded', 50), g('walnut', 50), g('cobalt', 1)).ingredients)
    expect(metals.map(({ low, high }) => [low.toFixed(3), high.toFixed(3)])).to.deep.equal([
      ['0.250', '1.500'],
      ['0.060', '0.060'],
    ])
  })
  it('C13: a slow pale oil in place of a quick one: later, paler, weaker', () => {
    const before = made(g('linseed_cold_pressed', 10))
    const after = analyseMedium(
      swapped({ lines: [g('linseed_cold_pressed', 10)] }, 'linseed_cold_pressed', 'poppy'),
      findInLibrary,
    )
    if (!after.ok) throw new Error('no medium')
    const [quick, slow] = [oilFigures(before.ingredients), oilFigures(after.medium.ingredients)]
    expect(slow.touchDays! / quick.touchDays!).to.be.closeTo(1 / 0.55, 0.15)
    expect(slow.yellowing!).to.be.below(quick.yellowing!)
    expect(slow.strength!).to.be.below(quick.strength!)
  })
  it('C41: upright, no drips, blending two hours, gloss: a gel; peaks are not held by anything fluid', () => {
    const gel = effectsOf(made(g('alkyd_medium_gel', 100)))
    expect([
      gel.body,
      meets(gel, { holdsPeaks: true, noDrips: true, blendHours: 2, sheen: 'gloss' }),
    ]).to.deep.equal(['gel', true])
    const thin = effectsOf(made(g('linseed_stand_oil', 30), g('gum_turpentine', 70)))
    expect([thin.body, meets(thin, { holdsPeaks: true })]).to.deep.equal(['fluid', false])
    expect(effectsOf(made(g('beeswax', 30), g('linseed_cold_pressed', 70))).sheen).to.equal('matt')
  })
  it('stand oil runs slowly and levels, raw oil flows and drips, an emulsion of much oil stands', () => {
    const [stand, raw] = [effectsOf(made(g('linseed_stand_oil', 10))), effectsOf(made(g('walnut', 10)))]
    expect([stand.runs, stand.levels]).to.deep.equal(['runs slowly', true])
    expect([raw.runs, raw.levels]).to.deep.equal(['drips', false])
    expect(effectsOf(made(g('egg_yolk', 10), g('walnut', 15))).body).to.equal('gel')
    expect(effectsOf(made(g('egg_yolk', 10), g('walnut', 10))).body).to.equal('fluid')
  })
  it('what leaves first sets a medium up long before it dries; a drier hurries it, clove holds it back', () => {
    const glaze = effectsOf(made(g('linseed_stand_oil', 30), g('gum_turpentine', 30)))
    expect([glaze.setsUp!.within, meets(glaze, { blendHours: 2 })]).to.deep.equal(['15–60 min', false])
    expect(effectsOf(made(g('egg_yolk', 10), g('walnut', 10))).setsUp!.within).to.equal('10–40 min')
    expect(effectsOf(made(g('walnut', 10))).setsUp).to.equal(null)
    const touch = (...lines: RecipeLine[]) => effectsOf(made(...lines)).touchHours!
    expect(touch(g('walnut', 50), g('cobalt', 0.3))).to.be.below(0.5 * touch(g('walnut', 50)))
    expect(touch(g('walnut', 50), g('clove_oil', 0.5))).to.be.above(1.5 * touch(g('walnut', 50)))
  })
  it('the iodine number of a thickened oil tells nothing; one that never dries is named', () => {
    const told = (...lines: RecipeLine[]) => oilsText(made(...lines).ingredients)
    expect(told(g('linseed_stand_oil', 10)))
      .to.include('bonds were used up')
      .and.include('0.5–1.2 times')
    expect(told(g('poppy', 10))).to.include('iodine value')
    expect(told(g('walnut', 90), g('olive', 10))).to.match(/^Olive oil never dries; iodine value/)
    expect(told(g('tung', 10))).to.include('1.4–3 times')
  })
  it('C23: acid meets chalk, lead white and ultramarine; water meets hot wax; wax paste meets a waterborne paint', () => {
    const found = (...ids: string[]) => pairsIn(ids.map(material)).map(({ pair }) => pair)
    expect(found('vinegar_5', 'chalk_whiting')).to.deep.equal(['acid-carbonate'])
    expect(found('vinegar_5', 'pw1', 'pb29')).to.deep.equal(['acid-lead', 'acid-ultramarine'])
    expect(found('egg_yolk', 'beeswax', 'linseed_stand_oil')).to.deep.equal(['water-hot-oil'])
    expect(found('cold_wax_paste', 'acrylic_dispersion')).to.include('wax-paste-waterborne')
    expect(found('egg_yolk', 'linseed_stand_oil', 'marble_dust')).to.deep.equal([])
    expect(found('vinegar_5', 'black_oil_leaded')).to.deep.equal(['acid-lead'])
    expect(found('vinegar_5', 'pw4')).to.deep.equal(['acid-zinc'])
    expect(found('colophony', 'gum_turpentine', 'pw1')).to.deep.equal(['acid-resin-soap'])
    expect(found('gum_arabic_solution', 'walnut')).to.deep.equal([])
    expect(found('acrylic_dispersion', 'walnut')).to.deep.equal(['oil-in-waterborne'])
    expect(found('egg_yolk', 'damar', 'walnut')).to.deep.equal(['water-hot-oil'])
    expect(found('egg_yolk', 'damar', 'gum_turpentine', 'walnut')).to.deep.equal([])
  })
  it('damar does not dissolve in low-odour spirit, sandarac only in ethanol, hard copal in nothing before it is run', () => {
    const told = (...ids: string[]) => pairsIn(ids.map(material)).map(({ message }) => message)
    expect(told('damar', 'mineral_spirit_dearomatised_low_flash')[0])
      .to.include('does not dissolve')
      .and.include('take turpentine, or spirit of 30–40')
    expect(told('damar', 'gum_turpentine')).to.deep.equal([])
    expect(told('damar', 'mineral_spirit_dearomatised_low_flash', 'gum_turpentine')).to.deep.equal([])
    expect(told('damar', 'white_spirit_aromatic')[0]).to.include('slowly and cloudily')
    expect(told('sandarac', 'walnut')[0]).to.include('it wants ethanol')
    expect(told('sandarac', 'ethanol')).to.deep.equal([])
    expect(told('copal_hard', 'linseed_stand_oil')[0]).to.include('Buy it run')
  })
})

describe('what speaks against a medium at all', () => {
  it('olive oil, turpentine alone, and too much drier are said first; a sound one is let be', () => {
    const told = (...lines: RecipeLine[]) => unfitnessOf(made(...lines))
    expect(told(g('olive', 10))!.message).to.include('do not use it')
    expect(told(g('walnut', 95), g('olive', 5))!.severity).to.equal('watch')
    expect(told(g('gum_turpentine', 10))!.message).to.include('It binds nothing')
    expect(told(g('walnut', 10), g('cobalt', 0.5))!.severity).to.equal('unsound')
    expect(told(g('linseed_stand_oil', 55), g('gum_turpentine', 45))).to.equal(null)
  })
  it('of oil that never dries no more is let into paint than a fiftieth of all its fat', () => {
    const { ofMix, stops } = usualLargestDose(made(g('olive', 10)).ingredients)
    expect(stops).to.equal('never dries')
    expect(ofMix).to.be.within(0.001, 0.02)
  })
  it('a dose is told in drops to a small heap while they can be counted, else in ml and spoons', () => {
    const drop = made({ material: 'walnut', amount: 1, unit: 'ml' }).ingredients
    expect(measuredText(0.05, drop)).to.match(/^\d+–\d+ drops to 5 ml of paint/)
    expect(measuredText(0.25, drop)).to.equal(
      '3.3 ml (a bit under three quarters of a teaspoon) to 10 ml of paint',
    )
    expect(largestText({ ofMix: 0, stops: null }, drop)).to.match(/^No dose keeps the limits/)
    expect(largestText({ ofMix: 0.25, stops: 'medium' }, drop)).to.match(
      /^Most before it is watched: 1 part to 3 of paint/,
    )
  })
})

describe('C14: designing a medium to limits', () => {
  const setting = {
    materials: [
      'linseed_cold_pressed',
      'linseed_stand_oil',
      'walnut',
      'poppy',
      'damar',
      'beeswax',
      'cold_wax_paste',
      'gum_turpentine',
    ].map(material),
    paint,
    dose: 0.2,
  }
  const caps: readonly Wish[] = [
    { kind: 'most', what: 'resin', of: 'mix-mass', share: 0.03 },
    { kind: 'most', what: 'wax', of: 'mix-mass', share: 0.02 },
    { kind: 'most', what: 'solubles', of: 'mix-mass', share: 0.04 },
    { kind: 'solvent', most: 0 },
  ]
  const recipeOf = (wishes: readonly Wish[], near: readonly number[] | null = null) => {
    const found = design(wishes, setting, near, solve)
    if (!found.ok) throw new Error(found.message)
    return { ...found, medium: made(...(found.recipe.lines as RecipeLine[])) }
  }
  it('at 1 : 4, caps of 3, 2 and 4 % of the mix let the medium hold 20 % of resin and wax; 200 g with 24 g and 16 g keep them', () => {
    const { medium } = recipeOf([...caps, { kind: 'plenty', what: 'solubles' }])
    expect(medium.wet.byMass.resin + medium.wet.byMass.wax).to.be.closeTo(0.2, 1e-6)
    const batch = nearOf(
      setting.materials,
      made(g('damar', 24), g('beeswax', 16), g('linseed_cold_pressed', 160)).ingredients,
    )
    expect(recipeOf(caps, batch).moved).to.be.closeTo(0, 1e-9)
  })
  it('the nearest recipe moves no more than it must: over the cap by 5 g in 100, 5 g move', () => {
    const near = nearOf(setting.materials, made(g('damar', 20), g('linseed_cold_pressed', 80)).ingredients)
    const { moved, medium } = recipeOf(caps.slice(0, 1), near)
    expect(medium.wet.byMass.resin).to.be.closeTo(0.15, 1e-6)
    expect(moved).to.be.closeTo(0.05, 1e-6)
  })
  it('what it answers keeps every wish, measured anew', () => {
    const wishes: readonly Wish[] = [
      { kind: 'most', what: 'resin', of: 'binder-mass', share: 0.02 },
      { kind: 'least', what: 'resin', of: 'binder-mass', share: 0.015 },
      { kind: 'body', body: 'flowing' },
      { kind: 'speed', least: 0.9 },
      { kind: 'sheen', sheen: 'gloss' },
      { kind: 'solvent', most: 0.3 },
    ]
    const { medium } = recipeOf(wishes)
    expect(
      shareAt(paint, sideOf(medium.ingredients), { what: 'resin', of: 'binder-mass' }, 0.2),
    ).to.be.within(0.0149, 0.0201)
    const effects = effectsOf(medium)
    expect([effects.body, effects.sheen]).to.deep.equal(['flowing', 'gloss'])
    expect(oilFigures(medium.ingredients).rate).to.be.at.least(0.899)
    expect(medium.wet.byVolume.volatile).to.be.at.most(0.3001)
  })
  it('two wishes that exclude each other are named, and a wish nothing can meet is named alone', () => {
    const clash = design(
      [
        { kind: 'oils', only: ['poppy'] },
        { kind: 'solvent', most: 0.2 },
        { kind: 'speed', least: 0.9 },
      ],
      setting,
      null,
      solve,
    )
    expect(!clash.ok && clash.clash).to.deep.equal([0, 2])
    expect(!clash.ok && clash.message)
      .to.include('no oil but Poppyseed oil')
      .and.include('exclude each other')
    const alone = design([{ kind: 'speed', least: 9 }], setting, null, solve)
    expect(!alone.ok && alone.clash).to.deep.equal([0])
  })
  it('asks before it takes what never dries, holds lead, spoils or only swabs', () => {
    const offered = library.filter((one) => onlyIfAsked(one) === null).map(({ id }) => id)
    for (const id of ['olive', 'sunflower_high_oleic', 'black_oil_leaded', 'linseed_boiled_metal_drier'])
      expect(offered).to.not.include(id)
    for (const id of ['lead', 'zinc_stearate', 'paraffin_wax', 'acetone', 'ethanol', 'egg_yolk'])
      expect(offered).to.not.include(id)
    expect(offered).to.include.members(['walnut', 'damar', 'beeswax', 'gum_turpentine', 'aluminium_stearate'])
  })
  it('no more silica goes in than can be stirred, whatever is wished, and no filler past what is bound', () => {
    const materials = ['linseed_cold_pressed', 'silica_fumed', 'chalk_whiting'].map(material)
    const found = design([{ kind: 'body', body: 'gel' }], { materials, paint, dose: 0.2 }, null, solve)
    if (!found.ok) throw new Error(found.message)
    const medium = made(...(found.recipe.lines as RecipeLine[]))
    const silica = medium.ingredients.find((one) => one.material.id === 'silica_fumed')?.massG ?? 0
    expect(silica / medium.massG).to.be.at.most(0.03001)
    const alone = { materials: ['silica_fumed', 'walnut'].map(material), paint, dose: 0.2 }
    expect(design([{ kind: 'body', body: 'paste' }], alone, null, solve).ok).to.equal(false)
  })
  it('the whole library is a shelf like any other', () => {
    expect(
      design(
        caps,
        { ...setting, materials: library.filter(({ family }) => family !== 'pigment') },
        null,
        solve,
      ).ok,
    ).to.equal(true)
  })
})
