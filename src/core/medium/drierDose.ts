import { kindOf } from '../materials/material.ts'
import type { Material } from '../materials/material.ts'
import { massByClass } from './medium.ts'
import type { Ingredient } from './medium.ts'

/** A drier measured into a medium or a heap of paint. */
export interface DrierDosing {
  readonly grams: number
  /** Null when the drier has no known drop. */
  readonly drops: number | null
  /** Metal, % by mass of the oil and alkyd. */
  readonly metalPercent: number
  readonly mostMetalPercent: number | null
  /** Grams at the most advised. */
  readonly mostGrams: number | null
}

/** A drier by its share (0..1) of the oil by mass: grams, drops, and the metal that comes to, with its ceiling. */
export function drierDosing(drier: Material, oilG: number, share: number): DrierDosing {
  const grams = oilG * share
  const dropG = drier.dropMl === undefined ? null : drier.dropMl * drier.densityGPerMl.mid
  const { metalPercent = 0, maxMetalPercent } = drier
  return {
    grams,
    drops: dropG === null ? null : grams / dropG,
    metalPercent: metalPercent * share,
    mostMetalPercent: maxMetalPercent ?? null,
    mostGrams: maxMetalPercent && metalPercent ? (oilG * maxMetalPercent) / metalPercent : null,
  }
}

/** Lead in an oil cooked with it, % by mass: so much is told of it, no more. */
const leadedOil = { kind: 'black_oil_leaded', low: 0.5, high: 3 }

export interface MetalIn {
  readonly name: string
  /** Of the oil and alkyd by mass, %. */
  readonly low: number
  readonly high: number
}

/** Every metal already in a mix, driers and leaded oil alike. */
export function metalsIn(ingredients: readonly Ingredient[]): readonly MetalIn[] {
  const mass = massByClass(ingredients)
  const fat = mass.oil + mass.alkyd
  if (!(fat > 0)) return []
  return ingredients.flatMap(({ material, massG }) => {
    if (kindOf(material) === leadedOil.kind)
      return [
        { name: material.name, low: (massG * leadedOil.low) / fat, high: (massG * leadedOil.high) / fat },
      ]
    if (material.family !== 'drier' || !material.metalPercent) return []
    const percent = (massG * material.metalPercent) / fat
    return [{ name: material.name, low: percent, high: percent }]
  })
}
