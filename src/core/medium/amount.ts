import type { Ingredient } from './medium.ts'

/** Volume of a set of ingredients, ml. */
export const volumeOf = (ingredients: readonly Pick<Ingredient, 'volumeMl'>[]): number =>
  ingredients.reduce((sum, { volumeMl }) => sum + volumeMl, 0)

/** Mass of a set of ingredients, g. */
export const massOf = (ingredients: readonly Pick<Ingredient, 'massG'>[]): number =>
  ingredients.reduce((sum, { massG }) => sum + massG, 0)
