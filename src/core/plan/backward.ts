import { daysAtChance, laidOn } from '../cure/forecast.ts'
import type { StateId } from '../cure/states.ts'
import { isWorked } from './calendar.ts'
import { forwardDates } from './forward.ts'
import type { WorkingTime } from './forward.ts'
import { isFilm } from './step.ts'
import type { Step } from './step.ts'

/** A day something must be so: every layer in this state by its end. */
export interface Deadline {
  readonly day: number
  readonly needs: StateId
}

/** The last layer to come so far, and its day. */
export interface LastReady {
  readonly day: number
  readonly step: number
}

/** Which layer comes so far last, at the confidence the studio plans on; null: some layer never does. */
export function lastReady(steps: readonly Step[], needs: StateId, time: WorkingTime): LastReady | null {
  const dates = forwardDates(steps, time)
  let last: LastReady = { day: -Infinity, step: 0 }
  for (const [step, { spots }] of steps.entries()) {
    const { day, source } = dates[step]!
    if (source === 'unknown' || source === 'unsound') return null
    for (const { forecast } of spots.filter(isFilm)) {
      const days = daysAtChance(laidOn(forecast, day), needs, time.confidence)
      if (days === null) return null
      if (day + days > last.day) last = { day: day + days, step }
    }
  }
  return last
}

/** The end of a day that must be met: until then it may still come. */
export const endOf = (day: number): number => Math.floor(day) + 1

/** Further back than this nobody looks for a day to begin. */
const longestDays = 7300

/**
 * The last working day from which the plan forward still leaves every layer the deadline's need by the end of its day
 * (reckonings.md, Plan backwards): the slowest layer decides, not the last. Null where even an early start does not do.
 */
export function latestStart(
  steps: readonly Step[],
  { day, needs }: Deadline,
  time: WorkingTime,
): number | null {
  const end = endOf(day)
  const isInTime = (start: number): boolean =>
    (lastReady(steps, needs, { ...time, today: start })?.day ?? Infinity) <= end
  let [low, high] = [Math.floor(day) - longestDays, end]
  if (!isInTime(low)) return null
  while (high - low > 1) {
    const middle = (low + high) >> 1
    if (isInTime(middle)) low = middle
    else high = middle
  }
  while (!isWorked(low, time)) low--
  return low
}

/**
 * The last day the next layer may go on, wherever it is planned now, for a deadline to be met; null: it has passed, or
 * none is left to paint.
 */
export function lastDayToBegin(steps: readonly Step[], deadline: Deadline, time: WorkingTime): number | null {
  if (steps.every(({ paintedDay }) => paintedDay !== null)) return null
  const free = steps.map((step) => ({ ...step, plannedDay: null }))
  const latest = latestStart(free, deadline, time)
  return latest === null || latest < time.today - 1 ? null : latest
}
