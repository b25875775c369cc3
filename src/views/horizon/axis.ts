import { monthsAfter } from '../../core/plan/months.ts'
import { dateOf, dayOf, isWorked } from '../../core/plan/calendar.ts'
import type { WorkingDays } from '../../core/plan/calendar.ts'

/** The stretch of days that is drawn, and where on it a day lies. */
export interface Axis {
  readonly from: number
  readonly to: number
  /** In percent of the width. */
  readonly at: (day: number) => number
  readonly months: readonly number[]
}

/** Days before today that stay in view. */
const backDays = 6

export function axisOver(today: number, months: number): Axis {
  const from = Math.floor(today) - backDays
  const to = monthsAfter(today, months)
  const first = monthsAfter(dayOf(`${dateOf(from).slice(0, 7)}-01`)!, 1)
  const starts = Array.from({ length: months + 2 }, (_, at) => monthsAfter(first, at)).filter(
    (day) => day < to,
  )
  return {
    from,
    to,
    at: (day) => (100 * (Math.min(to, Math.max(from, day)) - from)) / (to - from),
    months: starts,
  }
}

/** Free days narrower than this, in percent of the width, would only be a grey haze. */
const leastFreePercent = 1.2

/** The stretches nobody works, from the start of a day to the start of another: times away, and free days where they can be seen. */
export function freeStretches(
  { from, to, at }: Axis,
  working: WorkingDays,
): readonly (readonly [from: number, to: number])[] {
  const stretches: [number, number][] = []
  for (let day = Math.floor(from); day < to; day++) {
    if (isWorked(day, working)) continue
    const last = stretches.at(-1)
    if (last?.[1] === day) last[1] = day + 1
    else stretches.push([day, day + 1])
  }
  return stretches.filter(([first, end]) => at(end) - at(first) >= leastFreePercent)
}
