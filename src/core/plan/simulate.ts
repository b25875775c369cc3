import { daysIfLaid } from '../cure/forecast.ts'
import type { StateId } from '../cure/states.ts'
import { seeded } from '../seeded.ts'
import { nextWorkingMorning } from './calendar.ts'
import type { WorkingTime } from './forward.ts'
import { isFilm, waitDays } from './step.ts'
import type { Step } from './step.ts'

/** By state: one day per draw, ascending. Null: some layer never reaches it, or what is waited for. */
export type Reached<State extends StateId> = Readonly<Record<State, readonly number[] | null>>

/**
 * When the whole picture has reached each of these states. In each draw every layer dries at its own sampled pace,
 * everywhere it lies, and the next is painted on the first working morning it really may be. Same seed, same days, whatever
 * else is asked.
 */
export function simulateReaching<State extends StateId>(
  steps: readonly Step[],
  states: readonly State[],
  time: WorkingTime,
  draws = 2000,
  seed = 1,
): Reached<State> {
  const random = seeded(seed)
  const days = states.map(() => new Float64Array(draws))
  for (let draw = 0; draw < draws; draw++) {
    const done = playedThrough(steps, states, time, random)
    days.forEach((all, at) => (all[draw] = done[at]!))
  }
  const reached = days.map((all): readonly number[] | null =>
    all.includes(Infinity) ? null : Array.from(all.sort()),
  )
  return Object.fromEntries(states.map((state, at) => [state, reached[at]!])) as Reached<State>
}

/** One draw: by state, the day the slowest spot of any layer has reached it; infinite where one never does. */
function playedThrough(
  steps: readonly Step[],
  states: readonly StateId[],
  time: WorkingTime,
  random: () => number,
): readonly number[] {
  const { today } = time
  const applied: number[] = []
  const chances: number[] = []
  const done = states.map(() => -Infinity)
  for (const step of steps) {
    const chance = 0.001 + 0.998 * random()
    let [before, ready] = [-Infinity, step.groundReady ?? -Infinity]
    for (const spot of step.over) {
      const on = applied[spot.step]!
      const drawn = chances[spot.step]!
      before = Math.max(before, on)
      ready = Math.max(ready, on + (waitDays(step.asks, spot, drawn, on) ?? Infinity))
      if (typeof step.until !== 'string')
        ready = Math.max(ready, on + (daysIfLaid(spot.forecast, step.until.state, drawn, on) ?? Infinity))
    }
    if (ready === Infinity) return states.map(() => Infinity)
    const day =
      step.paintedDay ??
      step.plannedDay ??
      (step.wetInWet && before > -Infinity
        ? Math.max(before, today)
        : nextWorkingMorning(Math.max(today, before, ready), time))
    const on = Math.max(day, before)
    applied.push(on)
    chances.push(chance)
    for (const spot of step.spots) {
      if (!isFilm(spot)) continue
      states.forEach((state, at) => {
        done[at] = Math.max(done[at]!, on + (daysIfLaid(spot.forecast, state, chance, on) ?? Infinity))
      })
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
