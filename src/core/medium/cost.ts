import { volumeOf } from './amount.ts'
import type { Ingredient } from './medium.ts'

/** What a medium costs, and what of it has no price yet. Money is in the painter's own coin. */
export interface Cost {
  readonly total: number
  readonly perMl: number
  readonly unpriced: readonly string[]
}

export function costOf(ingredients: readonly Ingredient[]): Cost {
  const volume = volumeOf(ingredients)
  const total = ingredients.reduce((sum, { material, massG }) => sum + massG * (material.pricePerG ?? 0), 0)
  return {
    total,
    perMl: volume > 0 ? total / volume : 0,
    unpriced: ingredients.flatMap(({ material }) => (material.pricePerG === undefined ? material.name : [])),
  }
}

/** What one layer costs neat, and with a medium in it, over the same area at the same wet thickness. */
export interface LayerCost {
  readonly neatPaintG: number
  readonly neat: number
  readonly paintG: number
  readonly mediumMl: number
  readonly mixed: number
}

/** 1 cm² at 1 µm is 0.0001 ml; `dose` is the medium's share of the mix by volume. */
export function layerCost(
  { areaCm2, wetUm, dose }: { readonly areaCm2: number; readonly wetUm: number; readonly dose: number },
  paint: { readonly densityGPerMl: number; readonly perG: number },
  mediumPerMl: number,
): LayerCost {
  const ml = areaCm2 * wetUm * 1e-4
  const neatPaintG = ml * paint.densityGPerMl
  const paintG = neatPaintG * (1 - dose)
  return {
    neatPaintG,
    neat: neatPaintG * paint.perG,
    paintG,
    mediumMl: ml * dose,
    mixed: paintG * paint.perG + ml * dose * mediumPerMl,
  }
}
