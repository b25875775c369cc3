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

/** The day every layer has come so far, at the confidence the studio plans on; null: some layer never does. */
export function readyDay(steps: readonly Step[], needs: StateId, time: WorkingTime): number | null {
  const dates = forwardDates(steps, time)
  let ready = -Infinity
  for (const [at, { spots }] of steps.entries()) {
    if (dates[at]!.source === 'unknown' || dates[at]!.source === 'unsound') return null
    for (const { forecast } of spots.filter(isFilm)) {
      const days = daysAtChance(laidOn(forecast, dates[at]!.day), needs, time.confidence)
      if (days === null) return null
      ready = Math.max(ready, dates[at]!.day + days)
    }
  }
  return ready
}

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
  const end = Math.floor(day) + 1
  const isInTime = (start: number): boolean =>
    (readyDay(steps, needs, { ...time, today: start }) ?? Infinity) <= end
  let [low, high] = [Math.floor(day) - longestDays, Math.floor(day) + 1]
  if (!isInTime(low)) return null
  while (high - low > 1) {
    const middle = (low + high) >> 1
    if (isInTime(middle)) low = middle
    else high = middle
  }
  while (!isWorked(low, time)) low--
  return low
}
