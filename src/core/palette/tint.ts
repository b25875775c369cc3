import type { Material } from '../materials/material.ts'
import { demandOf } from '../materials/demand.ts'

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

/**
 * Transparent by putty instead of by oil: paint from the tube as pigment, oil and the oil its powder needs, ml; the share
 * of pigment by volume wanted; and the putty's filler by volume. Null where the pigment is down to that already.
 */
export function tintBoth(
  paint: { readonly pigmentMl: number; readonly oilMl: number; readonly demandMl: number },
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
