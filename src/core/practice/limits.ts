import { layeringLimits } from './layeringLimits.ts'
import type { LimitRow } from './limitRow.ts'
import { mixtureLimits } from './mixtureLimits.ts'
import { surfaceLimits } from './surfaceLimits.ts'

/**
 * Every limit a rule compares with, once. The schema of a practice, the form a painter changes it in and the rules are all
 * derived from this table, so that a number stands nowhere else.
 */
export const limitTable = { ...layeringLimits, ...mixtureLimits, ...surfaceLimits } as const

type Table = typeof limitTable
export type LimitKey = keyof Table
export type LevelOf<Key extends LimitKey> = keyof Table[Key]['default'] & string
/** A value for every level of every limit, in the table's own units (shares as fractions). */
export type Limits = { readonly [Key in LimitKey]: { readonly [Level in LevelOf<Key>]: number } }
/** A limit with two levels. */
export interface Limit {
  readonly watch: number
  readonly unsound: number
}

export const limitKeys = Object.keys(limitTable) as readonly LimitKey[]

export const defaultLimits = Object.fromEntries(
  limitKeys.map((key) => [key, limitTable[key].default]),
) as unknown as Limits

/** Values written by hand and values reckoned differ in the last digits; limits are compared with this much slack. */
const slack = 1e-9

/** Whether a value is past a limit of this side. */
export function speaksAt(side: LimitRow['side'], at: number, value: number): boolean {
  switch (side) {
    case 'over':
      return value > at + slack
    case 'from':
      return value >= at - slack
    case 'below':
      return value < at - slack
    case 'up to':
      return value <= at + slack
  }
}

/** How a value stands against a limit of two levels; null: within it. */
export function levelOf(key: LimitKey, limit: Limit, value: number): 'watch' | 'unsound' | null {
  const { side } = limitTable[key]
  if (speaksAt(side, limit.unsound, value)) return 'unsound'
  return speaksAt(side, limit.watch, value) ? 'watch' : null
}
