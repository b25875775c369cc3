import { volumeOf } from '../medium/amount.ts'
import type { Ingredient } from '../medium/medium.ts'

/** What a coloured medium does to the key. Values are steps of a ten-step grey scale, 0 black to 1 white. */

const stepsToOne = 100
const slack = 1e-9

/** How much lighter to key: the medium's own darkness, drawn down neat, times its dose of the mix, rounded up to 0.01. */
export const keyLighter = (offset: number, ofMix: number): number =>
  Math.ceil(offset * ofMix * stepsToOne - slack) / stepsToOne

/** Later yellowing, an order of magnitude: grade 1 to 5 of the oil, free oil of the dried film, µm. */
export function laterYellowing(
  grade: number,
  freeUm: number,
): { readonly value: number; readonly b: number } {
  const reach = (grade - 1) * Math.min(1, freeUm / 20)
  return { value: 0.05 * reach, b: 1.5 * reach }
}

/** How much the oils of a mix yellow, 1 little to 5 much, by their volume; null where none is graded. */
export function yellowingOf(all: readonly Ingredient[]): number | null {
  const graded = all.filter(({ material }) => material.yellowing !== undefined)
  const ml = volumeOf(graded)
  return ml > 0
    ? graded.reduce((sum, { material, volumeMl }) => sum + material.yellowing! * volumeMl, 0) / ml
    : null
}

/** Oil of a film that no powder holds, µm: L q (1 - 1/r), r null: all of it (rules.md, Terms). */
export const freeOilUm = (
  dryUm: number,
  { oilContent, binderRatio }: { readonly oilContent: number; readonly binderRatio: number | null },
): number => dryUm * oilContent * Math.max(0, binderRatio === null ? 1 : 1 - 1 / binderRatio)
