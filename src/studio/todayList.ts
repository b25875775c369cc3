import { chanceBy, daysAtChance, stateOn } from '../core/cure/forecast.ts'
import { dayOf } from '../core/plan/calendar.ts'
import { forwardDates } from '../core/plan/forward.ts'
import type { Step, StepDate } from '../core/plan/forward.ts'
import type { Verdict } from '../core/soundness/mismatch.ts'
import type { Settings } from '../document/studio.ts'
import { stepsOf } from '../document/summary.ts'
import type { Summary, SummaryLayer } from '../document/summary.ts'
import { openSummaries } from '../store/assessments.ts'
import type { Database } from '../store/database.ts'
import { settingsOf } from './settings.ts'

export const readinesses = ['ready', 'touch', 'wait'] as const
export type Readiness = (typeof readinesses)[number]

/** A layer that holds the next one back, or that a finger should tell us about. */
export interface TouchSpot {
  readonly layerId: string
  readonly name: string
  readonly paintedDay: number
  readonly gate: 'touch' | 'firm'
  /** Chance, 0..1, that the gate is reached by now. */
  readonly chance: number
  /** Days of the calendar at 10, 50 and 90 %. */
  readonly days: readonly [number, number, number] | null
  readonly state: string
}

export interface TodayEntry {
  readonly paintingId: string
  readonly title: string
  readonly size: string | null
  readonly readiness: Readiness
  /** The next layer to paint; null when all are painted. */
  readonly next: {
    readonly layerId: string
    readonly name: string
    readonly day: number
    readonly certain: boolean
  } | null
  /** The layer that decides, and the ones a test would tell more of. */
  readonly touch: TouchSpot | null
  readonly verdict: Verdict
  readonly worst: string | null
}

/** One group of the morning page: how many there are, and the first of them. */
export interface TodayGroup {
  readonly readiness: Readiness
  readonly count: number
  readonly entries: readonly TodayEntry[]
}

/** Below this chance a finger would only confirm that it is too early. */
const worthTouching = 0.15

/** So many entries of a group are sent at first. */
export const todayAtFirst = 12

/** Every painting that asks for something, grouped by what can be done; `most` of each group. */
export async function todayGroups(
  db: Database,
  now: string,
  most: number = todayAtFirst,
): Promise<readonly TodayGroup[]> {
  const entries = await todayEntries(db, now)
  return readinesses.map((readiness) => {
    const inside = entries.filter((entry) => entry.readiness === readiness)
    return { readiness, count: inside.length, entries: inside.slice(0, most) }
  })
}

/** Every painting that asks for something, soonest first, from what was last found of it. */
export async function todayEntries(db: Database, now: string): Promise<readonly TodayEntry[]> {
  const today = dayOf(now)!
  const settings = await settingsOf(db)
  const open = await openSummaries(db, today)
  const entries = open.flatMap(({ painting: { id, title, widthCm, heightCm }, summary }) => {
    if (summary.layers.length === 0) return []
    const size = widthCm && heightCm ? `${widthCm} × ${heightCm} cm` : null
    return [{ paintingId: id, title, size, ...morningOf(summary, today, settings) }]
  })
  return entries.sort((a, b) => (a.next?.day ?? Infinity) - (b.next?.day ?? Infinity))
}

/** When each layer of a summary was or may be painted. */
export const datesOf = (steps: readonly Step[], today: number, settings: Settings): readonly StepDate[] =>
  forwardDates(steps, { today, workingDays: settings.workingDays, confidence: settings.confidence })

type Morning = Omit<TodayEntry, 'paintingId' | 'title' | 'size'>

function morningOf(summary: Summary, today: number, settings: Settings): Morning {
  const { layers } = summary
  const steps = stepsOf(summary)
  const dates = datesOf(steps, today, settings)
  const at = layers.findIndex(({ paintedDay }) => paintedDay === null)
  const next = layers[at]
  const below = next ? steps[at]!.over : layers.map((_, index) => index)
  const spots = below.flatMap((index) => {
    const spot = spotOf(layers[index]!, steps[index]!, today)
    return spot ? [{ ...spot, exposed: isExposed(layers, index) }] : []
  })
  const least = Math.min(1, ...spots.map(({ chance }) => chance))
  const touch = spots.reduce<(typeof spots)[number] | null>(
    (slowest, spot) => (!spot.exposed || (slowest && slowest.chance <= spot.chance) ? slowest : spot),
    null,
  )
  const date = dates[at]
  return {
    readiness: readinessOf(next, least, touch !== null, settings.confidence),
    next:
      next && date
        ? {
            layerId: next.id,
            name: next.name,
            day: Math.max(date.day, today),
            certain: date.source !== 'unknown',
          }
        : null,
    touch,
    verdict: summary.verdict,
    worst: summary.worst?.message ?? null,
  }
}

function readinessOf(
  next: SummaryLayer | undefined,
  least: number,
  canTouch: boolean,
  confidence: number,
): Readiness {
  if (!next) return 'wait'
  if (least >= confidence || next.wetInWet) return 'ready'
  return canTouch && least >= worthTouching ? 'touch' : 'wait'
}

/** Whether a finger can reach it: no painted layer covers the whole of it. */
const isExposed = (layers: readonly SummaryLayer[], index: number): boolean =>
  !layers.slice(index + 1).some((upper) => upper.paintedDay !== null && hides(upper, layers[index]!))

const hides = (upper: SummaryLayer, lower: SummaryLayer): boolean =>
  upper.areas.length === 0 ||
  (lower.areas.length > 0 && lower.areas.every((area) => upper.areas.includes(area)))

function spotOf(layer: SummaryLayer, { forecast, gate, paintedDay }: Step, today: number): TouchSpot | null {
  if (paintedDay === null || !layer.hasFilm) return null
  const days = [0.1, 0.5, 0.9].map((chance) => daysAtChance(forecast, gate, chance))
  return {
    layerId: layer.id,
    name: layer.name,
    paintedDay,
    gate,
    chance: chanceBy(forecast, gate, today - paintedDay),
    days: days.includes(null) ? null : (days.map((day) => paintedDay + day!) as [number, number, number]),
    state: stateOn(forecast, today - paintedDay),
  }
}
