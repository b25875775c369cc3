import type { Ingredient } from './medium.ts'

/** What a medium costs, and what of it has no price yet. Money is in the painter's own coin. */
export interface Cost {
  readonly total: number
  readonly perMl: number
  readonly unpriced: readonly string[]
}

export function costOf(ingredients: readonly Ingredient[]): Cost {
  const volume = ingredients.reduce((sum, { volumeMl }) => sum + volumeMl, 0)
  const total = ingredients.reduce((sum, { material, massG }) => sum + massG * (material.pricePerG ?? 0), 0)
  return { total, perMl: volume > 0 ? total / volume : 0, unpriced: ingredients.flatMap(({ material }) => (material.pricePerG === undefined ? material.name : [])) }
} // prettier-ignore
