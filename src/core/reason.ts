import type { Figure } from './figure.ts'
import type { ScienceSection } from './science.ts'

/** What a number rests on, told when it is asked why. */
export interface Reason {
  readonly title: string
  /** How it is computed, in words or a formula. */
  readonly formula: string
  readonly figures: readonly Figure[]
  /** Where the formula comes from, and how sure it is. */
  readonly source: string
  /** Where the science page says it whole. */
  readonly section: ScienceSection
}
