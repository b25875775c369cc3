import { daysAtChance } from '../cure/forecast.ts'
import { seeded } from '../seeded.ts'
import type { StateId } from '../cure/states.ts'
import { nextWorkingMorning } from './calendar.ts'
import type { Step, WorkingTime } from './forward.ts'

/**
 * When the whole picture has reached a state: one day per draw, ascending. In each draw every layer dries at its own
 * sampled pace and the next is painted on the first working morning it really may be. Same seed, same days.
 * Null when some layer never reaches the state, or its gate.
 */
export function simulateReaching(
  steps: readonly Step[],
  state: StateId,
  { today, workingDays }: WorkingTime,
  draws = 2000,
  seed = 1,
): readonly number[] | null {
  const random = seeded(seed)
  const days: number[] = []
  for (let draw = 0; draw < draws; draw++) {
    const applied: number[] = []
    const gates: number[] = []
    let done = -Infinity
    for (const step of steps) {
      const chance = 0.001 + 0.998 * random()
      const before = Math.max(-Infinity, ...step.over.map((lower) => applied[lower]!))
      const ready = Math.max(-Infinity, ...step.over.map((lower) => gates[lower]!))
      const day =
        step.paintedDay ??
        step.plannedDay ??
        (step.wetInWet && before > -Infinity
          ? Math.max(before, today)
          : nextWorkingMorning(Math.max(today, before, ready), workingDays))
      const gate = daysAtChance(step.forecast, step.gate, chance)
      const reached = daysAtChance(step.forecast, state, chance)
      if (gate === null || reached === null) return null
      applied.push(Math.max(day, before))
      gates.push(applied.at(-1)! + gate)
      done = Math.max(done, applied.at(-1)! + reached)
    }
    days.push(done)
  }
  return days.sort((a, b) => a - b)
}

/** The day by which this share of the draws is done. */
export const dayAt = (days: readonly number[], share: number): number =>
  days[Math.min(days.length - 1, Math.floor(share * days.length))]!

/** Share of the draws done by a day. */
export function shareBy(days: readonly number[], day: number): number {
  let done = 0
  while (done < days.length && days[done]! <= day) done++
  return done / days.length
}
