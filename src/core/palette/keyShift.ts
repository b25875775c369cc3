/** What a coloured medium does to the key. Values are steps of a ten-step grey scale, 0 black to 1 white. */

const stepsToOne = 100
const slack = 1e-9

/** How much lighter to key: the medium's own darkness, drawn down neat, times its dose of the mix, rounded up to 0.01. */
export const keyLighter = (offset: number, ofMix: number): number =>
  Math.ceil(offset * ofMix * stepsToOne - slack) / stepsToOne

/** Later yellowing, an order of magnitude: grade 1 to 5 of the oil, free oil of the dried film in percent. */
export function laterYellowing(
  grade: number,
  freePercent: number,
): { readonly value: number; readonly b: number } {
  const reach = (grade - 1) * Math.min(1, freePercent / 20)
  return { value: 0.05 * reach, b: 1.5 * reach }
}
