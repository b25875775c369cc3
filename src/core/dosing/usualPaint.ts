import { tubeIngredients } from '../film/paint.ts'
import type { Tube } from '../film/paint.ts'
import { findInLibrary } from '../materials/find.ts'
import { noPractice } from '../practice/practice.ts'
import { practiceCaps } from './caps.ts'
import { largestDose, sideOf } from './dose.ts'
import type { LargestDose } from './dose.ts'
import type { Ingredient } from '../medium/medium.ts'

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
  mostMedium: number | null = noPractice.limits.medium.watch,
): LargestDose => largestDose(usualPaint, ingredients, practiceCaps(noPractice), mostMedium)
