import type { Material } from '../materials/material.ts'

/** Paint made from dry pigment on the slab. */
export interface Grind {
  readonly oilG: number
  readonly oilMl: number
}

/** Oil for so much pigment: oil absorption times a softness factor, 1 just bound; null where it is not known. */
export function oilForPigment(
  pigment: Material,
  pigmentG: number,
  oil: Material,
  softness: number,
): Grind | null {
  if (!pigment.oilAbsorption) return null
  const oilG = (pigmentG * pigment.oilAbsorption.mid * softness) / 100
  return { oilG, oilMl: oilG / oil.densityGPerMl.mid }
}

/** Pigment to grind in where too much oil was poured, g; 0 where it was not, null where no oil absorption is known. */
export function pigmentToAdd(
  pigment: Material,
  pigmentG: number,
  pouredG: number,
  softness: number,
): number | null {
  if (!pigment.oilAbsorption) return null
  return Math.max(0, (100 * pouredG) / (pigment.oilAbsorption.mid * softness) - pigmentG)
}

/** What lies on the slab after every addition: how soft it is by now. */
export function softnessOf(pigment: Material, pigmentG: number, oilG: number): number | null {
  return pigment.oilAbsorption && pigmentG > 0 ? (100 * oilG) / (pigmentG * pigment.oilAbsorption.mid) : null
}
