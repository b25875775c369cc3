import { monthsAfter } from '../../core/plan/months.ts'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'

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
