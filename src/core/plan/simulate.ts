import { daysAtChance, laidOn } from '../cure/forecast.ts'
import type { StateId } from '../cure/states.ts'
import { seeded } from '../seeded.ts'
import { nextWorkingMorning } from './calendar.ts'
import type { WorkingTime } from './forward.ts'
import { isFilm, waitDays } from './step.ts'
import type { Step } from './step.ts'

/**
 * When the whole picture has reached a state: one day per draw, ascending. In each draw every layer dries at its own
 * sampled pace, everywhere it lies, and the next is painted on the first working morning it really may be. Same seed, same
 * days. Null when some layer never reaches the state, or what is waited for.
 */
export function simulateReaching(
  steps: readonly Step[],
  state: StateId,
  time: WorkingTime,
  draws = 2000,
  seed = 1,
): readonly number[] | null {
  const random = seeded(seed)
  const days: number[] = []
  for (let draw = 0; draw < draws; draw++) {
    const done = playedThrough(steps, state, time, random)
    if (done === null) return null
    days.push(done)
  }
  return days.sort((a, b) => a - b)
}

/** One draw: the day the slowest spot of any layer has reached the state. */
function playedThrough(
  steps: readonly Step[],
  state: StateId,
  time: WorkingTime,
  random: () => number,
): number | null {
  const { today } = time
  const applied: number[] = []
  const chances: number[] = []
  let done = -Infinity
  for (const step of steps) {
    const chance = 0.001 + 0.998 * random()
    let [before, ready] = [-Infinity, step.groundReady ?? -Infinity]
    for (const spot of step.over) {
      const { step: at } = spot
      const laid = { ...spot, forecast: laidOn(spot.forecast, applied[at]!) }
      const reached = waitDays(step.asks, laid, chances[at]!)
      if (reached === null) return null
      before = Math.max(before, applied[at]!)
      ready = Math.max(ready, applied[at]! + reached)
      if (typeof step.until !== 'string') {
        const more = daysAtChance(laid.forecast, step.until.state, chances[at]!)
        if (more === null) return null
        ready = Math.max(ready, applied[at]! + more)
      }
    }
    const day =
      step.paintedDay ??
      step.plannedDay ??
      (step.wetInWet && before > -Infinity
        ? Math.max(before, today)
        : nextWorkingMorning(Math.max(today, before, ready), time))
    applied.push(Math.max(day, before))
    chances.push(chance)
    for (const { forecast } of step.spots.filter(isFilm)) {
      const reached = daysAtChance(laidOn(forecast, applied.at(-1)!), state, chance)
      if (reached === null) return null
      done = Math.max(done, applied.at(-1)! + reached)
    }
  }
  return done
}

/** The day by which this share of the draws is done. */
export const dayAt = (days: ArrayLike<number>, share: number): number =>
  days[Math.min(days.length - 1, Math.floor(share * days.length))]!

/** Share of the draws done by a day. */
export function shareBy(days: ArrayLike<number>, day: number): number {
  let done = 0
  while (done < days.length && days[done]! <= day) done++
  return done / days.length
}
