import { chanceBy, daysAtChance, likelyDays, stateOn } from '../../core/cure/forecast.ts'
import { wetInWetDays } from '../../core/cure/workable.ts'
import type { Stage } from '../../core/finish/stageOf.ts'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import { forwardDates } from '../../core/plan/forward.ts'
import type { StepDate, WorkingTime } from '../../core/plan/forward.ts'
import { isFilm, waitDays } from '../../core/plan/step.ts'
import type { Step, StepSpot } from '../../core/plan/step.ts'
import type { EventKind } from '../../core/stack/kinds.ts'
import { workingDaysOf } from '../../document/picture/workingDays.ts'
import type { Verdict } from '../../core/severity.ts'
import type { CheckId } from '../../core/cure/checks.ts'
import { dangerTo } from '../../document/dates/danger.ts'
import type { Danger } from '../../document/dates/danger.ts'
import { doubtfulPasses } from '../../document/judging/fingers.ts'
import { nextDate } from '../../document/picture/pictureDates.ts'
import type { PaintingDocument, Settings } from '../../document/studio.ts'
import { stepsOfSummary } from '../../document/judging/summarySteps.ts'
import type { Summary } from '../../document/judging/summary.ts'
import { openSummaries } from '../../store/assessments.ts'
import type { Database } from '../../store/database.ts'
import { notPutAway } from '../evening.ts'
import type { Evening } from '../evening.ts'
import { roomsOf } from '../rooms.ts'
import { settingsOf } from '../settings.ts'
import { stageToday } from '../stageToday.ts'

export const readinesses = ['ready', 'touch', 'wait'] as const
export type Readiness = (typeof readinesses)[number]

/** A layer that holds the next one back, or that a finger should tell us about. */
export interface TouchSpot {
  readonly layerId: string
  readonly name: string
  /** Where on the picture; null: it is all one. */
  readonly area: string | null
  readonly paintedDay: number
  readonly gate: 'touch' | 'firm'
  /** Chance, 0..1, that the gate is reached by now. */
  readonly chance: number
  /** Days of the calendar at 10, 50 and 90 %. */
  readonly days: readonly [number, number, number] | null
  readonly state: string
  /** The checks it can hardly pass yet. */
  readonly doubtful: readonly CheckId[]
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
    readonly kind: EventKind
    readonly day: number
    readonly source: StepDate['source']
    /** The minute until which it goes on wet in wet, as a day; null: it waits for what lies under it. */
    readonly closes: number | null
  } | null
  /** The layer that decides, and the ones a test would tell more of. */
  readonly touch: TouchSpot | null
  readonly verdict: Verdict
  readonly worst: string | null
  /** How far it has come for packing. */
  readonly stage: Stage
}

/** A date that is not safe, and of which picture. */
export interface DateAtRisk extends Omit<Danger, 'slowest'> {
  readonly paintingId: string
  readonly title: string
  /** The layer that comes so far last; null: some layer has no date at all. */
  readonly slowest: string | null
  /** The next layer to paint; null: all are painted. */
  readonly next: string | null
}

/** What the morning page shows. */
export interface Morning {
  readonly groups: readonly TodayGroup[]
  /** The date that comes next first. */
  readonly atRisk: readonly DateAtRisk[]
  /** What lies about from days before, and those days. */
  readonly notPutAway: readonly Pick<Evening, 'on' | 'out'>[]
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

/** Every painting that asks for something, grouped by what can be done, `most` of each group; and the dates at risk. */
export async function morningOf(db: Database, now: string, most: number = todayAtFirst): Promise<Morning> {
  const open = await openSummaries(db, dayOf(now)!)
  const pictures = await picturesToday(db, now, open)
  const entries = soonestFirst(pictures)
  const still = await notPutAway(db, now, open)
  return {
    notPutAway: still.map(({ on, out }) => ({ on, out })),
    groups: readinesses.map((readiness) => {
      const inside = entries.filter((entry) => entry.readiness === readiness)
      return { readiness, count: inside.length, entries: inside.slice(0, most) }
    }),
    atRisk: pictures.flatMap(({ atRisk }) => atRisk ?? []).sort((a, b) => a.date.on.localeCompare(b.date.on)),
  }
}

/** Every painting that asks for something, soonest first, from what was last found of it. */
export const todayEntries = async (db: Database, now: string): Promise<readonly TodayEntry[]> =>
  soonestFirst(await picturesToday(db, now, await openSummaries(db, dayOf(now)!)))

/** What is open wet in wet only for hours comes before all else. */
const soonestFirst = (pictures: readonly PictureToday[]): readonly TodayEntry[] =>
  pictures.map(({ entry }) => entry).sort((a, b) => closing(a) - closing(b) || dayFor(a) - dayFor(b))

const closing = ({ readiness, next }: TodayEntry): number =>
  readiness === 'ready' ? (next?.closes ?? never) : never

const dayFor = ({ next }: TodayEntry): number => next?.day ?? never

const never = Number.MAX_VALUE

interface PictureToday {
  readonly entry: TodayEntry
  readonly atRisk: DateAtRisk | null
}

async function picturesToday(
  db: Database,
  now: string,
  open: Awaited<ReturnType<typeof openSummaries>>,
): Promise<readonly PictureToday[]> {
  const today = dayOf(now)!
  const settings = await settingsOf(db)
  const rooms = await roomsOf(db, settings, now)
  const time = { today, ...workingDaysOf(settings), confidence: settings.confidence }
  return open.flatMap(({ painting, summary }) => {
    const { id, title, widthCm, heightCm } = painting
    if (summary.layers.length === 0) return []
    const size = widthCm && heightCm ? `${widthCm} × ${heightCm} cm` : null
    const isDue = nextDate(painting, dateOf(today)) !== null
    const told = isDue ? summary : untilNext(summary)
    const steps = stepsOfSummary(told, rooms.clockOf(painting))
    const entry = { paintingId: id, title, size, ...todayOf(told, steps, time) }
    return [{ entry, atRisk: isDue ? riskTo(entry, painting, summary, steps, time) : null }]
  })
}

/** A summary up to the next layer to paint: what comes after it has no bearing on today. */
function untilNext(summary: Summary): Summary {
  const next = summary.layers.findIndex(({ paintedDay }) => paintedDay === null)
  return next < 0 ? summary : { ...summary, layers: summary.layers.slice(0, next + 1) }
}

function riskTo(
  { paintingId, title, next }: TodayEntry,
  painting: PaintingDocument,
  { layers }: Summary,
  steps: readonly Step[],
  time: WorkingTime,
): DateAtRisk | null {
  const danger = dangerTo(painting, steps, time)
  if (!danger) return null
  const slowest = danger.slowest === null ? null : layers[danger.slowest]!.name
  return { ...danger, paintingId, title, slowest, next: next?.name ?? null }
}

/** When each layer of a summary was or may be painted. */
export const datesOf = (steps: readonly Step[], today: number, settings: Settings): readonly StepDate[] =>
  forwardDates(steps, { today, ...workingDaysOf(settings), confidence: settings.confidence })

/** A painted film that is waited for, with the chance that it is ready now. */
interface Waited extends StepSpot {
  readonly paintedDay: number
  readonly chance: number
}

function todayOf(
  summary: Summary,
  steps: readonly Step[],
  time: WorkingTime,
): Omit<TodayEntry, 'paintingId' | 'title' | 'size'> {
  const { today } = time
  const { layers, areaNames } = summary
  const several = Object.keys(areaNames).length > 1
  const areaName = (id: string): string | null => (several ? (areaNames[id] ?? null) : null)
  const dates = forwardDates(steps, time)
  const at = layers.findIndex(({ paintedDay }) => paintedDay === null)
  const next = layers[at]
  const until = steps[at]?.until ?? 'gate'
  const under = next ? steps[at]!.over : everySpot(steps)
  const spots = under.filter(isFilm).flatMap((spot): readonly Waited[] => {
    const { paintedDay } = steps[spot.step]!
    if (paintedDay === null) return []
    const gate = typeof until === 'string' ? spot.gate : 'firm'
    return [{ ...spot, gate, paintedDay, chance: chanceBy(spot.forecast, gate, today - paintedDay) }]
  })
  const slowest = spots.reduce<Waited | null>(
    (last, spot) => ((last && last.chance <= spot.chance) || !isExposed(steps, spot) ? last : spot),
    null,
  )
  const touch = slowest && {
    ...touchOf(slowest, today),
    layerId: layers[slowest.step]!.id,
    name: layers[slowest.step]!.name,
    area: areaName(slowest.area),
  }
  const date = dates[at]
  return {
    readiness:
      next && isReady(steps[at]!, steps, today, time.confidence)
        ? 'ready'
        : next &&
            until !== 'never' &&
            touch &&
            Math.min(1, ...spots.map(({ chance }) => chance)) >= worthTouching
          ? 'touch'
          : 'wait',
    next:
      next && date
        ? {
            layerId: next.id,
            name: next.name,
            kind: next.kind,
            day: Math.max(date.day, today),
            source: date.source,
            closes: closesAt(steps[at]!, steps),
          }
        : null,
    touch,
    verdict: summary.verdict,
    worst: summary.worst?.message ?? null,
    stage: stageToday(summary, steps, today),
  }
}

/** Whether all that a layer waits for is reached by now: every gate, and what the judge asks for besides. */
function isReady(step: Step, steps: readonly Step[], now: number, confidence: number): boolean {
  const { over, until, asks } = step
  if (until === 'never') return false
  if (now <= (closesAt(step, steps) ?? -Infinity)) return true
  return over.every((spot) => {
    const { paintedDay } = steps[spot.step]!
    if (paintedDay === null) return false
    const days = now - paintedDay
    return (
      days >= (waitDays(asks, spot, confidence) ?? Infinity) &&
      (until === 'gate' || chanceBy(spot.forecast, until.state, days) >= until.chance)
    )
  })
}

/** When the first of what lies under a layer has set too far to paint into it wet; null: it does not go on wet in wet. */
function closesAt({ over, wetInWet }: Step, steps: readonly Step[]): number | null {
  if (!wetInWet) return null
  const open = over.filter(isFilm).flatMap(({ step, forecast }) => {
    const { paintedDay } = steps[step]!
    return paintedDay === null ? [] : [paintedDay + wetInWetDays(likelyDays(forecast, 'touch'))]
  })
  return open.length === 0 ? null : Math.min(...open)
}

const everySpot = (steps: readonly Step[]): readonly StepSpot[] =>
  steps.flatMap(({ spots }, step) => spots.filter(isFilm).map((spot) => ({ ...spot, step })))

/** Whether a finger can reach it: no painted layer lies over it there. */
const isExposed = (steps: readonly Step[], { step, area }: StepSpot): boolean =>
  !steps.some(
    ({ paintedDay, spots }, at) =>
      at > step && paintedDay !== null && spots.some((spot) => spot.area === area && isFilm(spot)),
  )

/** What a finger should know of a film. */
function touchOf(
  { forecast, gate, paintedDay, chance }: Waited,
  today: number,
): Omit<TouchSpot, 'layerId' | 'name' | 'area'> {
  const days = [0.1, 0.5, 0.9].map((share) => daysAtChance(forecast, gate, share))
  return {
    paintedDay,
    gate,
    chance,
    days: days.includes(null) ? null : (days.map((day) => paintedDay + day!) as [number, number, number]),
    state: stateOn(forecast, today - paintedDay),
    doubtful: doubtfulPasses([forecast], today - paintedDay),
  }
}
