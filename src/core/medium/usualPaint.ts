import { tubeIngredients } from '../film/paint.ts'
import type { Tube } from '../film/paint.ts'
import { findInLibrary } from '../materials/find.ts'
import { defaultPractice, practiceCaps } from '../soundness/practice.ts'
import { largestDose, sideOf } from './dose.ts'
import type { LargestDose } from './dose.ts'
import type { Ingredient } from './medium.ts'

/** The paint a medium is judged in where none is named: titanium white in linseed oil, as from the tube. */
export const usualTube: Tube = {
  pigments: [{ pigment: 'pw6_rutile', share: 1 }],
  oil: 'linseed_alkali_refined',
}
const made = tubeIngredients(usualTube, findInLibrary)
export const usualPaint = sideOf(made.ok ? made.ingredients : [])

/** The largest dose in that paint by the common limits, and by their limit on medium in the mix unless `mostMedium` says more. */
export const usualLargestDose = (
  ingredients: readonly Ingredient[],
  mostMedium = defaultPractice.medium.watch,
): LargestDose => largestDose(usualPaint, ingredients, practiceCaps(defaultPractice), mostMedium)
