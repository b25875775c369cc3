/** The five ways of judging fat from a layer to one above it. All are always shown; a practice says which speak. */
export const fatMeasures = ['leanness', 'oil', 'stretch', 'drying', 'thickness'] as const
export type FatMeasure = (typeof fatMeasures)[number]

/** What a practice makes of a measure: it makes the verdict, it is noted, or it is only shown. */
export const weights = ['rules', 'advises', 'off'] as const
export type Weight = (typeof weights)[number]

export type FatWeights = Readonly<Record<FatMeasure, Weight>>

/** Drying time speaks through slow-under-fast where it rules; it advises in every practice (rules.md, Fat judged five ways). */
export const leannessAlone: FatWeights = {
  leanness: 'rules',
  oil: 'off',
  stretch: 'off',
  drying: 'advises',
  thickness: 'off',
}
