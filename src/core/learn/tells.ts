import { oilName, powderName, studioName } from './interval.ts'
import type { Interval } from './interval.ts'
import { knownOf } from './learn.ts'
import type { Factor, Learnt } from './learn.ts'

/** How a studio, one of its oils or one of its powders differs from the book, and by how many checks. */
export interface Difference {
  readonly of: 'studio' | 'oil' | 'powder'
  /** Of the material; empty for the studio. */
  readonly id: string
  /** How many times the book's time, and between which it most likely lies, 8 times in 10. */
  readonly times: number
  readonly low: number
  readonly high: number
  readonly checks: number
  /** Far enough from the book, by enough checks, to be told. */
  readonly isTold: boolean
}

/** A tenth lies below, a tenth above. */
const tenth = 1.2816
/** A paint has to be this share of a film for a check on it to count as one on that paint. */
const leastShare = 0.1
const fewestChecks = 2

/** Of the studio and of everything that was checked, what was checked most first. */
export function differencesIn(learnt: Learnt, intervals: readonly Interval[]): readonly Difference[] {
  const counted = (id: string, part: 'oils' | 'powders'): number =>
    intervals.filter((one) => (one[part][id] ?? 0) >= leastShare).length
  const idsOf = (part: 'oils' | 'powders'): readonly string[] => [
    ...new Set(intervals.flatMap((one) => Object.keys(one[part]))),
  ]
  const studio = differenceOf('studio', '', knownOf(learnt, studioName), intervals.length)
  const oils = idsOf('oils').map((id) =>
    differenceOf('oil', id, knownOf(learnt, oilName(id)), counted(id, 'oils')),
  )
  const powders = idsOf('powders').map((id) =>
    differenceOf('powder', id, knownOf(learnt, powderName(id)), counted(id, 'powders')),
  )
  return [studio, ...[...oils, ...powders].sort((a, b) => b.checks - a.checks || a.id.localeCompare(b.id))]
}

const differenceOf = (of: Difference['of'], id: string, { ln, sd }: Factor, checks: number): Difference => ({
  of,
  id,
  times: Math.exp(ln),
  low: Math.exp(ln - tenth * sd),
  high: Math.exp(ln + tenth * sd),
  checks,
  isTold: checks >= fewestChecks && Math.abs(ln) > sd / 2,
})

/** "dries 1.3 times as fast as the book" or "takes 1.3 times the book's time"; closer than a twentieth: "as the book". */
export function differenceWords(times: number): string {
  const round = (value: number): string => String(Math.round(value * 10) / 10)
  if (times > 1.05) return `takes ${round(times)} times the book’s time`
  return times < 0.95 ? `dries ${round(1 / times)} times as fast as the book` : 'dries as the book says'
}

/** What one more check would tell: most where it is as likely to pass as not, of a film whose kind is little known. */
export const tellingOf = (chance: number, { sd }: Factor): number =>
  (4 * chance * (1 - chance) * sd * sd) / (sd * sd + 0.0144)
