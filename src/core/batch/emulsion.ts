import { leavingClasses, sumOf } from '../materials/material.ts'
import { massByClass, withoutVolatiles } from '../medium/medium.ts'
import type { Ingredient } from '../medium/medium.ts'

/** What an egg-oil emulsion is, wet and dry. */
export interface Emulsion {
  /** Oil poured in, of the wet emulsion by mass; the yolk's own fat not counted. */
  readonly addedOilOfWet: number
  /** All oil, the yolk's counted, of what stays by mass. */
  readonly oilOfDry: number
  readonly waterLost: number
  /** Oil to one part of yolk by mass. */
  readonly oilPerYolk: number
  /** So much oil that it may turn over, water in oil instead of oil in water. */
  readonly mayTurn: boolean
  readonly fatWhenDry: boolean
}

/** More oil to the yolk than this, by mass, and the emulsion may turn over. */
const turnsAbove = 4

/** Null when there is no egg in it. */
export function emulsionOf(ingredients: readonly Ingredient[]): Emulsion | null {
  const yolkG = ingredients.reduce(
    (sum, { material, massG }) => (material.family === 'egg' ? sum + massG : sum),
    0,
  )
  if (yolkG === 0) return null
  const oilG = ingredients.reduce(
    (sum, { material, massG }) => (material.family === 'oil' ? sum + massG : sum),
    0,
  )
  const mass = massByClass(ingredients)
  const dry = withoutVolatiles(mass)
  const [wetG, dryG] = [sumOf(mass), sumOf(dry)]
  return {
    addedOilOfWet: oilG / wetG,
    oilOfDry: dry.oil / dryG,
    waterLost: sumOf(mass, leavingClasses) / wetG,
    oilPerYolk: oilG / yolkG,
    mayTurn: oilG / yolkG > turnsAbove,
    fatWhenDry: dry.oil / dryG > 0.6,
  }
}
