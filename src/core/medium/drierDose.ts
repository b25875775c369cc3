import type { Material } from '../materials/material.ts'

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
