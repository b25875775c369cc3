import { daysAtChance, laidOn } from '../cure/forecast.ts'
import { nextWorkingMorning } from './calendar.ts'
import type { WorkingDays } from './calendar.ts'
import { waitDays } from './step.ts'
import type { Step } from './step.ts'

export interface WorkingTime extends WorkingDays {
  readonly today: number
  /** Chance, 0..1, at which a gate is taken as reached. */
  readonly confidence: number
}

export interface StepDate {
  readonly day: number
  /** `unknown` and `unsound`: it is only pencilled in, and `undatedBecause` says why. */
  readonly source: 'painted' | 'planned' | 'forecast' | 'unknown' | 'unsound'
  /** The layer that holds it back longest, if any does. */
  readonly waitsFor: number | null
  /** The first day its gates let it go on, where the judge asks for more; null where it does not. */
  readonly gateDay: number | null
}

/** Why a step has no date, by the source of the day it is pencilled in for. */
export const undatedBecause = {
  unknown: 'what lies under it has no date, or may never be ready',
  unsound: 'on no day is it sound; its mixture has to change',
} as const

/** Between strokes of one sitting, and the grain of what is written down, days. */
const stroke = 1 / 24
const oneMinute = 1 / 1440

/** Where a gate may never be reached, later layers are only pencilled in after this many days. */
const pencilledDays = 90

/**
 * Earliest dates, forward from what is painted: each layer on the first working morning when every layer under it has
 * reached its gate at the wanted confidence, and whatever else the judge asks for (science.md, Plan). A date the painter
 * set is kept.
 */
export function forwardDates(steps: readonly Step[], time: WorkingTime): readonly StepDate[] {
  const dates: StepDate[] = []
  for (const step of steps) dates.push(dateOf(step, dates, time))
  return dates
}

/** The date of one step, after those of the steps under it. */
export function dateOf(step: Step, dates: readonly StepDate[], time: WorkingTime): StepDate {
  const { today } = time
  const under = step.over.map(({ step: at }) => dates[at]!)
  const before = under.reduce<StepDate | null>(
    (latest, date) => (latest && latest.day > date.day ? latest : date),
    null,
  )
  const earliest = before ? before.day + stroke : -Infinity
  if (step.paintedDay !== null) {
    const day = Math.max(step.paintedDay, before ? before.day : -Infinity)
    return { day, source: 'painted', waitsFor: null, gateDay: null }
  }
  const { readyDay, gateDay, waitsFor } = readinessOf(step, dates, time.confidence)
  const undated = { waitsFor, gateDay: null }
  if (step.plannedDay !== null)
    return { ...undated, day: Math.max(step.plannedDay, earliest), source: 'planned' }
  if (step.wetInWet && before) {
    const day = before.source === 'painted' ? Math.max(today, earliest) : earliest
    return { ...undated, day, source: isDoubtful(before) ? 'unknown' : 'forecast' }
  }
  const isOverDoubt = under.some(isDoubtful)
  if (step.until === 'never' || readyDay === Infinity || isOverDoubt) {
    const source = step.until === 'never' ? 'unsound' : 'unknown'
    const day = nextWorkingMorning(Math.max(today, earliest) + pencilledDays, time)
    return { ...undated, day, source }
  }
  /** What is ready now may go on in this very sitting, though it was only just touched. */
  const morningAfter = (ready: number): number =>
    ready <= today + oneMinute
      ? todayOrNext(earliest, time)
      : nextWorkingMorning(Math.max(ready, earliest), time)
  const day = morningAfter(readyDay)
  const byGates = morningAfter(gateDay)
  return { day, source: 'forecast', waitsFor, gateDay: byGates < day ? byGates : null }
}

const isDoubtful = ({ source }: StepDate): boolean => source === 'unknown' || source === 'unsound'

/** When what lies under a step lets it go on: by the gates alone, and with what else is waited for; Infinity: never. */
function readinessOf(
  { over, until, asks, groundReady }: Step,
  dates: readonly StepDate[],
  confidence: number,
) {
  const ground = groundReady ?? -Infinity
  let [readyDay, gateDay] = [ground, ground]
  let waitsFor: number | null = null
  for (const spot of over) {
    const { step } = spot
    const from = dates[step]!.day
    const laid = { ...spot, forecast: laidOn(spot.forecast, from) }
    const byGate = from + (waitDays(asks, laid, confidence) ?? Infinity)
    const more =
      typeof until === 'string' || asks === 'nothing'
        ? 0
        : (daysAtChance(laid.forecast, until.state, until.chance) ?? Infinity)
    const ready = Math.max(byGate, from + more)
    gateDay = Math.max(gateDay, byGate)
    if (ready > readyDay) [readyDay, waitsFor] = [ready, step]
  }
  return { readyDay, gateDay, waitsFor }
}

/** Work that is ready now may begin now, if the studio works today. */
function todayOrNext(earliest: number, time: WorkingTime): number {
  const { today } = time
  const next = nextWorkingMorning(Math.floor(today), time)
  return Math.floor(next) === Math.floor(today) ? Math.max(today, earliest, next) : next
}
