import { daysAtChance } from '../cure/forecast.ts'
import type { Forecast } from '../cure/forecast.ts'
import { nextWorkingMorning } from './calendar.ts'

/** A layer waiting for its date, or with one. Bottom first. */
export interface Step {
  readonly paintedDay: number | null
  /** A date the painter has set. */
  readonly plannedDay: number | null
  /** Goes on in the same sitting as the layer under it. */
  readonly wetInWet: boolean
  /** Indices of the layers it lies over. */
  readonly over: readonly number[]
  readonly forecast: Forecast
  /** What it must reach before the next layer. */
  readonly gate: 'touch' | 'firm'
}

export interface WorkingTime {
  readonly today: number
  readonly workingDays: readonly boolean[]
  /** Chance, 0..1, at which a gate is taken as reached. */
  readonly confidence: number
}

export interface StepDate {
  readonly day: number
  readonly source: 'painted' | 'planned' | 'forecast' | 'unknown'
  /** The layer that holds it back longest, if any does. */
  readonly waitsFor: number | null
}

/** Minutes between strokes of one sitting, days. */
const stroke = 1 / 24

/** Where a gate may never be reached, later layers are only pencilled in after this many days. */
const pencilledDays = 90

/**
 * Earliest dates, forward from what is painted: each layer on the first working morning when every layer under it has
 * reached its gate at the wanted confidence (science.md, Plan). A date the painter set is kept.
 */
export function forwardDates(
  steps: readonly Step[],
  { today, workingDays, confidence }: WorkingTime,
): readonly StepDate[] {
  const dates: StepDate[] = []
  for (const step of steps) {
    const below = step.over.map((lower) => ({
      lower,
      date: dates[lower]!,
      gate: gateDay(steps[lower]!, dates[lower]!.day, confidence),
    }))
    const before = below.reduce<StepDate | null>(
      (latest, { date }) => (latest && latest.day > date.day ? latest : date),
      null,
    )
    const earliest = before ? before.day + stroke : -Infinity
    if (step.paintedDay !== null) {
      dates.push({
        day: Math.max(step.paintedDay, before ? before.day : -Infinity),
        source: 'painted',
        waitsFor: null,
      })
      continue
    }
    const gates = below.map(({ gate }) => gate ?? Infinity)
    const latestGate = Math.max(...gates, -Infinity)
    const waitsFor = below[gates.indexOf(latestGate)]?.lower ?? null
    const uncertain = latestGate === Infinity || below.some(({ date }) => date.source === 'unknown')
    if (step.plannedDay !== null)
      dates.push({ day: Math.max(step.plannedDay, earliest), source: 'planned', waitsFor })
    else if (step.wetInWet && before)
      dates.push({
        day: before.source === 'painted' ? Math.max(today, earliest) : earliest,
        source: before.source === 'unknown' ? 'unknown' : 'forecast',
        waitsFor,
      })
    else if (uncertain)
      dates.push({
        day: nextWorkingMorning(Math.max(today, earliest) + pencilledDays, workingDays),
        source: 'unknown',
        waitsFor,
      })
    else {
      const ready = Math.max(today, earliest, latestGate)
      dates.push({
        day:
          ready <= today ? todayOrNext(today, earliest, workingDays) : nextWorkingMorning(ready, workingDays),
        source: 'forecast',
        waitsFor,
      })
    }
  }
  return dates
}

/** Work that is ready now may begin now, if the studio works today. */
function todayOrNext(today: number, earliest: number, workingDays: readonly boolean[]): number {
  const next = nextWorkingMorning(Math.floor(today), workingDays)
  return Math.floor(next) === Math.floor(today) ? Math.max(today, earliest, next) : next
}

function gateDay({ forecast, gate }: Step, appliedDay: number, confidence: number): number | null {
  const days = daysAtChance(forecast, gate, confidence)
  return days === null ? null : appliedDay + days
}
