import type { Material } from '../materials/material.ts'
import { demandOf } from '../materials/demand.ts'
import { volumeOf } from '../medium/amount.ts'
import type { Ingredient } from '../medium/medium.ts'
import { heldIn } from './heap.ts'

/** The same tint reached two ways: thinned with oil, or with a putty of filler and oil. */
export interface TintWay {
  readonly addMl: number
  /** Oil of the film by volume. */
  readonly oilShare: number
  /** Fat over demand; null where nothing in it demands oil. */
  readonly fatness: number | null
}

export interface Tint {
  readonly start: TintWay
  readonly byOil: TintWay
  readonly byPutty: TintWay
}

/** Paint from the tube as far as a tint needs it, ml. */
export interface PaintParts {
  readonly pigmentMl: number
  readonly oilMl: number
  /** Oil its powder just needs. */
  readonly demandMl: number
}

/** Paint without a filler, taken apart; null where one is in it already. */
export function paintParts(paint: readonly Ingredient[]): PaintParts | null {
  if (paint.some(({ material }) => material.family === 'extender')) return null
  const pigmentMl = volumeOf(paint.filter(({ material }) => material.family === 'pigment'))
  return { pigmentMl, oilMl: volumeOf(paint) - pigmentMl, demandMl: heldIn(paint).demandMl }
}

/**
 * Transparent by putty instead of by oil: paint from the tube as pigment, oil and the oil its powder needs, ml; the share
 * of pigment by volume wanted; and the putty's filler by volume. Null where the pigment is down to that already.
 */
export function tintBoth(
  paint: PaintParts,
  pigmentShare: number,
  putty: { readonly fillerShare: number; readonly filler: Material },
): Tint | null {
  const { pigmentMl, oilMl } = paint
  const addMl = pigmentMl / pigmentShare - pigmentMl - oilMl
  if (!(addMl >= 0)) return null
  const way = (add: number, fillerShare: number): TintWay => {
    const fillerMl = add * fillerShare
    const oil = oilMl + add - fillerMl
    const demand = paint.demandMl + fillerMl * demandOf(putty.filler)
    return {
      addMl: add,
      oilShare: oil / (pigmentMl + oilMl + add),
      fatness: demand > 0 ? oil / demand : null,
    }
  }
  return { start: way(0, 0), byOil: way(addMl, 0), byPutty: way(addMl, putty.fillerShare) }
}
