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

/**
 * The largest dose in that paint on cloth, by the usual limits and by theirs on how much medium there may be. It is the one
 * figure wherever no paint, support or practice is chosen.
 */
export const usualLargestDose = (ingredients: readonly Ingredient[]): LargestDose =>
  largestDose(usualPaint, ingredients, practiceCaps(noPractice, true), noPractice.limits.medium.watch)

/** What that figure holds for, in words. */
export const usualPaintWords = 'in titanium white on cloth, by the usual limits'
