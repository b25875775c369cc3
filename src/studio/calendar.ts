import { format, parse } from 'date-fns'
import ical, { ICalCalendarMethod } from 'ical-generator'
import { daysAtChance } from '../core/cure/forecast.ts'
import { dateOf } from '../core/plan/calendar.ts'
import type { Database } from '../store/database.ts'
import { judgedWithSolve, loadPictures, settingsOf } from './reading.ts'

const asDate = (date: string): Date => parse(date, 'yyyy-MM-dd', new Date(2000, 0, 1))

/** The whole plan as an iCalendar file: layers to paint, deadlines, and when each painted layer is worth touching. */
export async function calendarOf(db: Database, now: string): Promise<string> {
  const { studioName, confidence } = await settingsOf(db)
  const calendar = ical({ name: `${studioName}, planned layers`, method: ICalCalendarMethod.PUBLISH, prodId: { company: 'Grelta', product: 'Grelta' } })
  const stamp = parse(now, "yyyy-MM-dd'T'HH:mm", new Date(2000, 0, 1))
  for (const picture of await loadPictures(db, now)) {
    const { assessment } = judgedWithSolve(picture)
    const { painting } = picture
    picture.layers.forEach((layer, index) => {
      const { date, forecast, film, step } = assessment.layers[index]!
      if (!film) return
      if (!layer.paintedAt)
        calendar.createEvent({
          id: `paint-${layer.id}@grelta`,
          stamp,
          start: asDate(dateOf(date.day)),
          allDay: true,
          summary: `${painting.title}: ${layer.name}`,
          description:
            date.source === 'unknown'
              ? 'Pencilled in: what lies under it may never be ready.'
              : `Earliest date at ${Math.round(confidence * 100)} % confidence (estimate). Touch the layer under it first.`,
        })
      const gateDay = daysAtChance(forecast, step.gate, 0.5)
      if (layer.paintedAt && gateDay !== null && date.day + gateDay > picture.today)
        calendar.createEvent({
          id: `touch-${layer.id}@grelta`,
          stamp,
          start: asDate(dateOf(date.day + gateDay)),
          allDay: true,
          summary: `${painting.title}: touch ${layer.name}`,
          description: `Even chance that it is ${step.gate === 'firm' ? 'firm' : 'touch dry'} by ${format(asDate(dateOf(date.day + gateDay)), 'd MMMM')} (estimate).`,
        })
    })
    if (painting.deadline)
      calendar.createEvent({
        id: `deadline-${painting.id}@grelta`,
        stamp,
        start: asDate(painting.deadline),
        allDay: true,
        summary: `${painting.title}: ready by today`,
      })
  }
  return calendar.toString()
}
