import { format, parse } from 'date-fns'
import ical, { ICalCalendarMethod } from 'ical-generator'
import type { ICalCalendar } from 'ical-generator'
import { daysAtChance } from '../core/cure/forecast.ts'
import { undatedBecause } from '../core/plan/forward.ts'
import type { StepDate } from '../core/plan/forward.ts'
import { dateOf, dayOf } from '../core/plan/calendar.ts'
import { isFilm } from '../core/plan/step.ts'
import type { Spot, Step } from '../core/plan/step.ts'
import { meetingNames } from '../document/pictureDates.ts'
import { stepsOfSummary } from '../document/summary.ts'
import type { SummaryLayer } from '../document/summary.ts'
import { openSummaries } from '../store/assessments.ts'
import type { Database } from '../store/database.ts'
import { roomsOf } from './rooms.ts'
import { settingsOf } from './settings.ts'
import { datesOf } from './todayList.ts'

const asDate = (date: string): Date => parse(date, 'yyyy-MM-dd', new Date(2000, 0, 1))

/** Days a calendar program can show: from 1900 to 2200. */
const [firstDay, lastDay] = [dayOf('1900-01-01')!, dayOf('2200-01-01')!]

interface Entry {
  readonly id: string
  readonly day: number
  readonly summary: string
  readonly description?: string
}

/** The plan as an iCalendar file: layers to paint, deadlines, and when each painted layer is worth touching. */
export async function calendarOf(db: Database, now: string): Promise<string> {
  const settings = await settingsOf(db)
  const today = dayOf(now)!
  const rooms = await roomsOf(db, settings, now)
  const calendar = ical({
    name: `${settings.studioName.replace(/\s+/g, ' ')}, planned layers`,
    method: ICalCalendarMethod.PUBLISH,
    prodId: { company: 'Grelta', product: 'Grelta' },
  })
  const stamp = parse(now, "yyyy-MM-dd'T'HH:mm", new Date(2000, 0, 1))
  for (const { painting, summary } of await openSummaries(db, today)) {
    const { id, title, dates: meetings } = painting
    const steps = stepsOfSummary(summary, rooms.clockOf(painting))
    const dates = datesOf(steps, today, settings)
    const entries = summary.layers.flatMap((layer, at) =>
      layer.spots.length > 0
        ? (entryOf(layer, steps[at]!, dates[at]!, today, settings.confidence) ?? [])
        : [],
    )
    for (const entry of entries) write(calendar, stamp, title, entry)
    for (const { what, on } of meetings)
      write(calendar, stamp, title, {
        id: `${what}-${id}-${on}`,
        day: dayOf(on)!,
        summary: `${meetingNames[what]} today`,
      })
  }
  return calendar.toString()
}

function write(calendar: ICalCalendar, stamp: Date, title: string, entry: Entry): void {
  const { id, day, summary, description } = entry
  if (day < firstDay || day > lastDay) return
  calendar.createEvent({
    id: `${id}@grelta`,
    stamp,
    start: asDate(dateOf(day)),
    allDay: true,
    summary: `${title}: ${summary}`,
    ...(description && { description }),
  })
}

function entryOf(
  layer: SummaryLayer,
  step: Step,
  date: StepDate,
  today: number,
  confidence: number,
): Entry | null {
  if (layer.paintedDay === null)
    return {
      id: `paint-${layer.id}`,
      day: date.day,
      summary: layer.name,
      description: dateWords(date, step, confidence),
    }
  const slowest = slowestGate(step)
  if (!slowest || date.day + slowest.days <= today) return null
  const day = date.day + slowest.days
  const state = slowest.gate === 'firm' ? 'firm' : 'touch dry'
  return {
    id: `touch-${layer.id}`,
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
