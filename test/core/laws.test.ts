import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { chanceBy, daysAtChance, forecastOf } from '../../src/core/cure/forecast.ts'
import { solveCure } from '../../src/core/cure/solver.ts'
import { stateIds } from '../../src/core/cure/states.ts'
import { stateDaysFromTable } from '../../src/core/cure/table.ts'
import { filmOf } from '../../src/core/film/film.ts'
import { library } from '../../src/core/materials/library.ts'
import { sumOf } from '../../src/core/materials/material.ts'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { analyseMedium } from '../../src/core/medium/medium.ts'
import type { Medium } from '../../src/core/medium/medium.ts'
import type { RecipeLine } from '../../src/core/medium/recipe.ts'
import { expectClose } from '../vectors.ts'

const weighable = library
  .filter(({ family }) => family !== 'drier' && family !== 'retarder')
  .map(({ id }) => id)
const line = fc.record({
  material: fc.constantFrom(...weighable),
  amount: fc.double({ min: 0.01, max: 500, noNaN: true }),
  unit: fc.constant('g' as const),
})
const lines = fc.array(line, { minLength: 1, maxLength: 8 })

function madeOf(recipe: readonly RecipeLine[]): Medium {
  const made = analyseMedium({ lines: recipe }, findInLibrary)
  if (!made.ok) throw new Error(made.problems[0]!.message)
  return made.medium
}
const sameShares = (a: Medium, b: Medium): void =>
  expectClose({ wet: a.wet, dry: a.dry }, { wet: b.wet, dry: b.dry }, 1e-9)

describe('laws of a medium', () => {
  it('dry shares sum to 1, or to nothing where all of it leaves', () =>
    fc.assert(
      fc.property(lines, (recipe) => {
        for (const shares of [madeOf(recipe).dry.byMass, madeOf(recipe).dry.byVolume]) {
          const sum = sumOf(shares)
          expect(Math.abs(sum - 1) < 1e-9 || sum === 0).to.equal(true)
        }
      }),
    ))
  it('scaling, splitting and reordering lines change no share', () =>
    fc.assert(
      fc.property(lines, fc.double({ min: 0.01, max: 100, noNaN: true }), (recipe, times) => {
        const whole = madeOf(recipe)
        sameShares(madeOf(recipe.map((one) => ({ ...one, amount: one.amount * times }))), whole)
        sameShares(
          madeOf(
            recipe.flatMap((one) => [
              { ...one, amount: one.amount / 4 },
              { ...one, amount: (one.amount * 3) / 4 },
            ]),
          ),
          whole,
        )
        sameShares(madeOf(recipe.toReversed()), whole)
      }),
    ))
  it('mass is kept: the lines weigh what the medium weighs', () =>
    fc.assert(
      fc.property(lines, (recipe) =>
        expectClose(
          madeOf(recipe).massG,
          recipe.reduce((sum, { amount }) => sum + amount, 0),
          1e-9,
        ),
      ),
    ))
})

describe('laws of a film', () => {
  const pigment = fc.constantFrom(...library.filter(({ family }) => family === 'pigment').map(({ id }) => id))
  const film = (id: string, oilParts: number, chalkParts: number) => {
    const medium = madeOf([
      { material: 'linseed_stand_oil', amount: oilParts, unit: 'g' },
      ...(chalkParts > 0 ? [{ material: 'chalk_whiting', amount: chalkParts, unit: 'g' as const }] : []),
    ])
    const made = filmOf(
      {
        paints: [
          { pigments: [{ pigment: id, share: 1 }], oil: 'linseed_alkali_refined', grind: 1.25, parts: 1 },
        ],
        medium: { ingredients: medium.ingredients, parts: 0.4 },
        wetThicknessUm: 60,
      },
      findInLibrary,
    )
    if (!made.ok) throw new Error(made.message)
    return made.film
  }
  it('chalk in the medium keeps a layer lean', () =>
    fc.assert(
      fc.property(
        pigment,
        fc.double({ min: 0.3, max: 3, noNaN: true }),
        (id, chalk) => film(id, 1, chalk).leanness! > film(id, 1, 0).leanness!,
      ),
    ))
  it('solvent takes no binder out of a film on a sealed ground: thinner changes thickness only', () =>
    fc.assert(
      fc.property(pigment, fc.double({ min: 0.1, max: 3, noNaN: true }), (id, parts) => {
        const paints = [
          { pigments: [{ pigment: id, share: 1 }], oil: 'linseed_alkali_refined', grind: 1.25, parts: 1 },
        ]
        const neat = filmOf({ paints, wetThicknessUm: 60 }, findInLibrary)
        const thinned = filmOf(
          { paints, thinner: { material: 'gum_turpentine', parts }, wetThicknessUm: 60 },
          findInLibrary,
        )
        if (!neat.ok || !thinned.ok) throw new Error('no film')
        expectClose(thinned.film.leanness, neat.film.leanness, 1e-9)
        expectClose(thinned.film.dryThicknessUm, neat.film.dryThicknessUm / (1 + parts), 1e-9)
      }),
    ))
})

describe('laws of drying', () => {
  const thickness = fc.double({ min: 6, max: 2000, noNaN: true })
  const rate = fc.double({ min: 0.2, max: 6, noNaN: true })
  it('cold, damp and dark are always later', () =>
    fc.assert(
      fc.property(
        thickness,
        rate,
        fc.double({ min: 5, max: 30, noNaN: true }),
        (thicknessUm, speed, temperatureC) => {
          const room = { temperatureC, relativeHumidityPct: 50, light: 1 }
          const days = stateDaysFromTable({ thicknessUm, rate: speed }, room)
          const worse = [
            { ...room, temperatureC: temperatureC - 5 },
            { ...room, relativeHumidityPct: 80 },
            { ...room, light: 0.55 },
          ]
          for (const climate of worse) {
            const later = stateDaysFromTable({ thicknessUm, rate: speed }, climate)
            for (const id of stateIds) expect(later[id]!).to.be.above(days[id]!)
          }
        },
      ),
    ))
  it('states come in order, and the table keeps within 5 % of the solver', () =>
    fc.assert(
      fc.property(thickness, rate, (thicknessUm, speed) => {
        const table = stateDaysFromTable({ thicknessUm, rate: speed })
        const solved = solveCure([{ thicknessUm, rate: speed, q: 0.5, appliedDay: 0 }], 4000)!.layers[0]!
        expect(
          table.touch! <= table.firm! &&
            table.set! <= table.varnishSoft! &&
            table.varnishSoft! <= table.cured!,
        ).to.equal(true)
        for (const id of stateIds)
          expect(Math.abs(table[id]! / solved[id]! - 1), `${id} ${thicknessUm} ${speed}`).to.be.below(0.05)
      }),
      { numRuns: 25 },
    ))
  it('a forecast’s day and chance are each other’s inverse, and a passed finger outranks it', () =>
    fc.assert(
      fc.property(thickness, fc.double({ min: 0.02, max: 0.98, noNaN: true }), (thicknessUm, chance) => {
        const days = stateDaysFromTable({ thicknessUm, rate: 1 })
        const forecast = forecastOf(days, thicknessUm)
        expect(chanceBy(forecast, 'firm', daysAtChance(forecast, 'firm', chance)!)).to.be.closeTo(
          chance,
          0.002,
        )
        const early = days.touch! * 0.6
        const touched = forecastOf(days, thicknessUm, [{ day: early, state: 'touch', reached: true }])
        expect(chanceBy(touched, 'touch', early)).to.equal(1)
        expect(daysAtChance(touched, 'firm', 0.5)!).to.be.below(daysAtChance(forecast, 'firm', 0.5)!)
      }),
    ))
})
