import { forecastOf } from '../../core/cure/forecast.ts'
import { solveCure } from '../../core/cure/solver.ts'
import { latestStart } from '../../core/plan/backward.ts'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import { forwardDates } from '../../core/plan/forward.ts'
import type { WorkingTime } from '../../core/plan/forward.ts'
import { dayAt, shareBy, simulateReaching } from '../../core/plan/simulate.ts'
import { stepsOf, undatedStep } from '../../core/plan/step.ts'
import type { StepIdea } from '../../core/plan/step.ts'
import type { PlanRequest } from '../../document/compute.ts'

/** So far a layer is solved, days: what is not reached by then is not reached. */
const longestDays = 7300

/** The answer of /api/compute/plan: each layer solved alone, in the reference room. */
export function planAnswer({ from, workingDays, confidence, layers, deadline }: PlanRequest) {
  const time: WorkingTime = { today: dayOf(from)!, workingDays, confidence }
  const steps = stepsOf(layers.map(ideaOf))
  const needs = deadline?.needs ?? 'firm'
  const draws = simulateReaching(steps, [needs], time)[needs]
  const date = (share: number): string | null => draws && dateOf(dayAt(draws, share))
  const due = deadline && { day: dayOf(deadline.on)!, needs }
  const latest = due ? latestStart(steps, due, time) : null
  return {
    dates: forwardDates(steps, time).map(({ day }) => dateOf(day)),
    ready: { p10: date(0.1), p50: date(0.5), p90: date(0.9) },
    chance: due ? (draws ? shareBy(draws, due.day + 1) : 0) : null,
    latestStart: latest === null ? null : dateOf(latest),
  }
}

function ideaOf({ thicknessUm, rate, gate }: PlanRequest['layers'][number]): StepIdea {
  const [states] = solveCure([{ thicknessUm, rate, q: solvedAlone, appliedDay: 0 }], longestDays)!.layers
  return undatedStep([{ area: '', forecast: forecastOf(states!, thicknessUm), gate, goneBy: null }])
}

/** A film on its own cures alike whatever share of it takes up oxygen. */
const solvedAlone = 0.5
