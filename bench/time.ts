import { forecastOf } from '../src/core/cure/forecast.ts'
import { roomClockOf } from '../src/core/cure/roomClock.ts'
import { stateDaysFromTable } from '../src/core/cure/table.ts'
import type { Interval } from '../src/core/learn/interval.ts'
import { learn } from '../src/core/learn/learn.ts'
import { forwardDates } from '../src/core/plan/forward.ts'
import { stepsOf } from '../src/core/plan/step.ts'
import type { StepIdea } from '../src/core/plan/step.ts'
import { simulateTogether } from '../src/core/plan/together.ts'
import type { Project } from '../src/core/plan/together.ts'
import { seeded } from '../src/core/seeded.ts'
import { median } from './median.ts'
import { ms } from './report.ts'
import type { Tell } from './report.ts'

/** The computations of time, on plain made-up studios: many checks, and many paintings that share a painter's hours. */

const today = 20_784
const random = seeded(11)
const between = (low: number, high: number): number => low + (high - low) * random()
const oneOf = (count: number, of: string): string => `${of}${Math.floor(random() * count)}`

/** Checks on films of a dozen oils and sixty powders. */
const manyChecks = (count: number): readonly Interval[] =>
  Array.from({ length: count }, () => {
    const bookDays = between(2, 32)
    const seen = bookDays * Math.exp(between(-0.4, 0.4))
    return {
      oils: { [oneOf(12, 'oil')]: 0.8, [oneOf(12, 'other')]: 0.2 },
      powders: { [oneOf(60, 'powder')]: 0.6, [oneOf(60, 'tint')]: 0.4 },
      thicknessUm: 60,
      bookDays,
      failDays: random() < 0.3 ? null : seen,
      passDays: seen * 1.2,
      isFirst: random() < 0.7,
    }
  })

const room = roomClockOf(
  today - 700,
  Array.from({ length: 1430 }, (_, day) => 1 + 0.2 * Math.sin(day / 58)),
)
const time = {
  today,
  workingDays: [true, true, true, true, true, false, false],
  confidence: 0.8,
  hoursADay: 8,
}

function layerOf(paintedDay: number | null): StepIdea {
  const thicknessUm = between(20, 120)
  const days = stateDaysFromTable({ thicknessUm, rate: between(0.5, 1.5) })
  const forecast = forecastOf(days, thicknessUm, [], { room, laidDay: paintedDay ?? today })
  return {
    ...{ paintedDay, plannedDay: null, wetInWet: false, until: 'gate', asks: 'gate', groundReady: null },
    spots: [{ area: '', gate: 'touch', goneBy: null, forecast }],
  }
}

/** Paintings of six layers, four of them painted, each with a date to meet. */
const manyPaintings = (count: number): readonly Project[] =>
  Array.from({ length: count }, () => {
    const layers = [-60, -48, -30, -9, null, null].map((ago) => layerOf(ago === null ? null : today + ago))
    return {
      steps: stepsOf(layers),
      hours: layers.map(() => 2),
      meets: [{ day: today + between(90, 260), needs: 'firm' }],
    }
  })

/** What a drag on Horizon reckons before it is drawn: the dates of one painting, and its chance before and after. */
function dragged({ steps, ...rest }: Project): void {
  const moved = steps.map((step, at) =>
    at === steps.length - 1 ? { ...step, plannedDay: today + 60 } : step,
  )
  forwardDates(moved, time)
  for (const plan of [steps, moved]) simulateTogether([{ ...rest, steps: plan }], time, { draws: 160 })
}

/** Learning, the chances of many dates, and a drag on Horizon. */
export function measureTime(tell: Tell): void {
  const checks = manyChecks(5000)
  tell(
    'learning from 5,000 checks',
    ms(
      median(() => learn(checks), 5),
      200,
    ),
  )
  for (const [count, limit] of [
    [60, 300],
    [600, 2000],
  ] as const) {
    const paintings = manyPaintings(count)
    const taken = median(() => simulateTogether(paintings, time), 3)
    tell(`the chance of ${count} paintings’ dates, 2,000 draws, hours shared`, ms(taken, limit))
  }
  const [painting] = manyPaintings(1)
  const dragging = median(() => dragged(painting!), 15, 5)
  tell('a drag on Horizon: the painting’s dates, and its chance before and after', ms(dragging, 16))
}
