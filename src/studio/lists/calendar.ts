import { format, parse } from 'date-fns'
import ical, { ICalCalendarMethod } from 'ical-generator'
import { daysAtChance } from '../../core/cure/forecast.ts'
import { undatedBecause } from '../../core/plan/forward.ts'
import type { StepDate } from '../../core/plan/forward.ts'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import { isFilm } from '../../core/plan/step.ts'
import type { Spot, Step } from '../../core/plan/step.ts'
import { meetingNames } from '../../document/picture/pictureDates.ts'
import { stepsOfSummary } from '../../document/judging/summarySteps.ts'
import type { SummaryLayer } from '../../document/judging/summary.ts'
import { openSummaries } from '../../store/assessments.ts'
import type { Database } from '../../store/database.ts'
import type { EntryVersion } from '../../store/feed.ts'
import { aheadOf } from './ahead.ts'
import { roomsOf } from '../rooms.ts'
import { settingsOf } from '../settings.ts'
import { datesOf } from './todayList.ts'

const asDate = (date: string): Date => parse(date, 'yyyy-MM-dd', new Date(2000, 0, 1))

/** Days a calendar program can show: from 1900 to 2200. */
const [firstDay, lastDay] = [dayOf('1900-01-01')!, dayOf('2200-01-01')!]

/** One thing of the calendar, an all-day entry. */
export interface CalendarEntry {
  /** The same for the same thing, whatever day it is moved to. */
  readonly uid: string
  readonly day: number
  readonly summary: string
  readonly description?: string
}

/** Everything a calendar is told: layers to paint, when each painted one is worth touching, deadlines, and what is ahead besides. */
export async function calendarEntries(db: Database, now: string): Promise<readonly CalendarEntry[]> {
  const settings = await settingsOf(db)
  const today = dayOf(now)!
  const rooms = await roomsOf(db, settings, now)
  const entries: CalendarEntry[] = []
  for (const { painting, summary } of await openSummaries(db, today)) {
    const { id, title, dates: meetings } = painting
    const steps = stepsOfSummary(summary, rooms.clockOf(painting))
    const dates = datesOf(steps, today, settings)
    const planned = summary.layers.flatMap((layer, at) =>
      layer.spots.length > 0
        ? (entryOf(layer, steps[at]!, dates[at]!, today, settings.confidence) ?? [])
        : [],
    )
    for (const entry of planned) entries.push({ ...entry, summary: `${title}: ${entry.summary}` })
    meetings.forEach(({ what, on }, at) =>
      entries.push({
        uid: `${what}-${id}-${at}`,
        day: dayOf(on)!,
        summary: `${title}: ${meetingNames[what]} today`,
      }),
    )
  }
  const ahead = (await aheadOf(db, now)).map(({ uid, on, says }) => ({ uid, day: dayOf(on)!, summary: says }))
  return [...entries, ...ahead].filter(({ day }) => day >= firstDay && day <= lastDay)
}

/** What is said of an entry, in one text. */
export const saidOf = ({ day, summary, description = '' }: CalendarEntry): string =>
  [dateOf(day), summary, description].join('\n')

/** A phone asks again after so many seconds. */
const askAgainS = 3600

/** The entries as an iCalendar file, each with its version, in the studio's own time zone. */
export async function calendarText(
  db: Database,
  entries: readonly CalendarEntry[],
  versions: ReadonlyMap<string, EntryVersion>,
): Promise<string> {
  const { studioName } = await settingsOf(db)
  const calendar = ical({
    name: `${studioName.replace(/\s+/g, ' ')}, the studio’s days`,
    method: ICalCalendarMethod.PUBLISH,
    prodId: { company: 'Grelta', product: 'Grelta' },
    ttl: askAgainS,
    x: [{ key: 'X-WR-TIMEZONE', value: Intl.DateTimeFormat().resolvedOptions().timeZone }],
  })
  for (const { uid, day, summary, description } of entries) {
    const { sequence, stamp } = versions.get(uid)!
    calendar.createEvent({
      id: `${uid}@grelta`,
      sequence,
      stamp: parse(stamp, "yyyy-MM-dd'T'HH:mm", new Date(2000, 0, 1)),
      start: asDate(dateOf(day)),
      allDay: true,
      summary,
      ...(description && { description }),
    })
  }
  return calendar.toString()
}

function entryOf(
  layer: SummaryLayer,
  step: Step,
  date: StepDate,
  today: number,
  confidence: number,
): CalendarEntry | null {
  if (layer.paintedDay === null)
    return {
      uid: `paint-${layer.id}`,
      day: date.day,
      summary: layer.name,
      description: dateWords(date, step, confidence),
    }
  const slowest = slowestGate(step)
  if (!slowest || date.day + slowest.days <= today) return null
  const day = date.day + slowest.days
  const state = slowest.gate === 'firm' ? 'firm' : 'touch dry'
  return {
    uid: `touch-${layer.id}`,
    day,
    summary: `touch ${layer.name}`,
    description: `Even chance that it is ${state} by ${format(asDate(dateOf(day)), 'd MMMM')} (estimate).`,
  }
}

/** What a date rests on. */
function dateWords(
  { source, gateDay }: StepDate,
  { over, asks, wetInWet }: Step,
  confidence: number,
): string {
  const touchFirst = 'Touch the layer under it first.'
  if (source === 'unknown' || source === 'unsound') return `Pencilled in: ${undatedBecause[source]}.`
  if (over.length === 0) return 'Nothing lies under it to wait for.'
  if (source === 'planned') return `The day you set. ${touchFirst}`
  if (asks === 'nothing') return 'Nothing has to be waited for.'
  if (wetInWet) return 'In the same sitting as the layer under it.'
  if (gateDay !== null)
    return `The first day on which it is not unsound (estimate), though it may be dry enough before. ${touchFirst}`
  return `Earliest date at ${Math.round(confidence * 100)} % confidence (estimate). ${touchFirst}`
}

/** Where a layer reaches its gate last, and in how many days likely; null where it never does. */
function slowestGate({ spots }: Step): { readonly gate: Spot['gate']; readonly days: number } | null {
  const reached = spots
    .filter(isFilm)
    .map(({ gate, forecast }) => ({ gate, days: daysAtChance(forecast, gate, 0.5) }))
  return reached.reduce<{ gate: Spot['gate']; days: number } | null>(
    (last, { gate, days }) => (days === null || (last && last.days >= days) ? last : { gate, days }),
    null,
  )
}
