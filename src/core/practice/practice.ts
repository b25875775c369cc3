import type { Limits } from './limits.ts'
import type { FatWeights } from './measures.ts'
import { defaultLimits } from './limits.ts'
import { leannessAlone } from './measures.ts'

/** A school's own thresholds. What a rule compares with stands in its limits, so that it can be read and changed. */
export interface Practice {
  readonly id: string
  readonly name: string
  readonly summary: string
  /** How much of an alkyd counts as fat. */
  readonly alkydWeight: number
  /** What the layer below must have reached before the next: an oil layer, and one whose binder is mostly alkyd. */
  readonly gate: { readonly oil: Gate; readonly alkyd: Gate }
  /** Which of the five ways of judging fat speak. */
  readonly fat: FatWeights
  /** Whether much alkyd in a later layer is watched wherever it lies, or only over what is not firm. */
  readonly alkydWatched: 'always' | 'over-soft'
  /** What counts as thinner: what was poured in, or all that flies off but water. */
  readonly thinnerCounts: 'poured' | 'volatile'
  /** Whether wax paste counts as medium. */
  readonly waxPasteCounts: boolean
  readonly oilingOut: OilingOut
  readonly varnish: VarnishAt
  readonly limits: Limits
}

export const gates = ['touch', 'firm'] as const
export type Gate = (typeof gates)[number]

/** What a school oils out with, if it does. */
export const oilingOuts = ['same-oil', 'alkyd-or-oil', 'same-medium', 'local', 'seldom', 'never'] as const
export type OilingOut = (typeof oilingOuts)[number]

/** When a school varnishes: soft and removable after a swab, or once all is cured; wax half a year later. */
export const varnishAts = ['swab', 'cured', 'cured-and-six-months'] as const
export type VarnishAt = (typeof varnishAts)[number]

/** What is judged by where no practice is named: the usual limits; what rests on a practice's own choice makes notes only. */
export const noPractice: Practice = {
  id: 'none',
  name: 'No practice',
  summary: 'The usual limits, and no school’s own choices.',
  alkydWeight: 0.5,
  gate: { oil: 'touch', alkyd: 'touch' },
  fat: leannessAlone,
  alkydWatched: 'always',
  thinnerCounts: 'poured',
  waxPasteCounts: true,
  oilingOut: 'same-oil',
  varnish: 'cured',
  limits: defaultLimits,
}
