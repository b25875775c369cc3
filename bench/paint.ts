import highs from 'highs'
import { ternStreet } from '../demo/ternStreet.ts'
import { repairOf, weighingsOf } from '../src/core/batch/pouring.ts'
import { practiceCaps } from '../src/core/dosing/caps.ts'
import { design, nearOf } from '../src/core/dosing/design/design.ts'
import type { Wish } from '../src/core/dosing/design/wish.ts'
import { doseAt, evenDoses, largestDose, sideOf } from '../src/core/dosing/dose.ts'
import { tubeIngredients } from '../src/core/film/paint.ts'
import { findInLibrary } from '../src/core/materials/find.ts'
import { library } from '../src/core/materials/library.ts'
import { findIn, indexed } from '../src/core/materials/search.ts'
import { analyseMedium } from '../src/core/medium/medium.ts'
import type { Recipe } from '../src/core/medium/recipe.ts'
import { dosed } from '../src/core/palette/heap.ts'
import { tubeFacts, tubeFound } from '../src/core/palette/tubeFacts.ts'
import { noPractice } from '../src/core/practice/practice.ts'
import { linearSolver } from '../src/document/dates/linear.ts'
import { median } from './median.ts'
import { ms } from './report.ts'
import type { Tell } from './report.ts'

const { mediums } = ternStreet('2026-11-24T09:00')
const nested = (id: string) =>
  ({
    harbour: { name: 'Harbour', recipe: { lines: mediums[0]!.recipe.lines } },
    morning: { name: 'Morning', recipe: mediums[1]!.recipe },
  })[id]

const twelveLines: Recipe = {
  lines: [
    ...library
      .filter(({ family }) => family === 'oil')
      .slice(0, 10)
      .map(({ id }) => ({ material: id, amount: 3, unit: 'g' as const })),
    { medium: 'harbour', amount: 10, unit: 'ml' },
    { medium: 'morning', amount: 10, unit: 'ml' },
  ],
}

const analysed = () => {
  const medium = analyseMedium(twelveLines, findInLibrary, nested)
  if (!medium.ok) throw new Error(medium.problems[0]!.message)
  return medium.medium.ingredients
}

const wishes: readonly Wish[] = [
  { kind: 'most', what: 'resin', of: 'binder-mass', share: 0.03 },
  { kind: 'most', what: 'wax', of: 'binder-mass', share: 0.02 },
  { kind: 'most', what: 'solubles', of: 'binder-mass', share: 0.04 },
  { kind: 'solvent', most: 0.2 },
  { kind: 'body', body: 'flowing' },
  { kind: 'speed', least: 0.9 },
]

const pigments = library.filter(({ family }) => family === 'pigment')

/** What is mixed: mediums, their doses and designs, a palette, a batch, and the shelf they come from. */
export async function measurePaint(tell: Tell): Promise<void> {
  tell('medium of twelve lines, two of them mediums: full analysis', ms(median(analysed, 15, 200), 0.5))
  const medium = analysed()
  const white = { pigments: [{ pigment: 'pw6_rutile', share: 1 }], oil: 'walnut' }
  const tube = tubeIngredients(white, findInLibrary)
  const paint = sideOf(tube.ok ? tube.ingredients : [])

  const heaps = pigments
    .filter(({ oilAbsorption }) => oilAbsorption)
    .slice(0, 12)
    .map(({ id }, at) => ({
      paints: [{ pigments: [{ pigment: id, share: 1 }], oil: 'linseed_alkali_refined', parts: 1 }],
      amount: { ml: 2 + at },
    }))
  const conditioning = { medium, by: { fatness: 1.6 } }
  const palette = () => heaps.map((heap) => dosed(heap, conditioning, findInLibrary))
  tell('a palette of 12 heaps to equal fatness', ms(median(palette, 15, 50), 1))

  const doseCurve = () => {
    const side = sideOf(medium)
    const doses = evenDoses().map((dose) => doseAt(paint, side, dose))
    return [doses, largestDose(paint, medium, practiceCaps(noPractice))]
  }
  tell('dose curve of 101 points, with its largest dose', ms(median(doseCurve, 15, 20), 5))

  const forty = library.filter(({ family }) => family !== 'pigment').slice(0, 40)
  const solver = linearSolver(await highs())
  const aim = { materials: forty, paint, dose: 0.25 }
  const designed = () => design(wishes, aim, nearOf(forty, medium), solver)
  tell('design over 40 materials', ms(median(designed), 100))

  const lines = Array.from({ length: 20 }, (_, at) => ({ material: library[at]!.id, grams: 5 + at }))
  const pours = lines.map(({ material, grams }, at) => ({ material, grams: grams * (at === 7 ? 1.4 : 0.5) }))
  const overpoured = () => [weighingsOf(lines, pours), repairOf(lines, pours)]
  tell('batch of twenty lines: recomputed after an overpour', ms(median(overpoured, 15, 500), 1))

  const shelf = Array.from({ length: 2000 }, (_, at) =>
    indexed({ ...library[at % library.length]!, id: `m${at}` }, 'Oils'),
  )
  const onShelf = median(() => findIn(shelf, 'fast, pale, no solvent'), 15, 10)
  tell('a shelf of 2,000 materials: filtering by words', ms(onShelf, 16))
  const tubes = Array.from({ length: 3000 }, (_, at) => {
    const pigment = pigments[at % pigments.length]!
    const paint = { pigments: [{ pigment: pigment.id, share: 1 }], oil: 'walnut' }
    return tubeFound(`${pigment.name} ${at}`, tubeFacts(paint, findInLibrary)!)
  })
  const ofTubes = median(() => findIn(tubes, 'transparent, fast, no cadmium'), 15, 10)
  tell('3,000 tubes: filtering by words', ms(ofTubes, 16))
}
