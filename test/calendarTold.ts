import ICAL from 'ical.js'

/** An entry of a calendar, as another program reads it. */
export interface Told {
  readonly uid: string
  readonly sequence: number
  readonly date: string
  readonly isAllDay: boolean
  readonly summary: string
}

/** The entries of an iCalendar file, by their ids, read by a library of its own. */
export function toldIn(text: string): Map<string, Told> {
  const events = new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent')
  return new Map(
    events.map((component): [string, Told] => {
      const { uid, startDate, summary } = new ICAL.Event(component)
      const sequence = Number(component.getFirstPropertyValue('sequence') ?? 0)
      return [uid, { uid, sequence, date: startDate.toString(), isAllDay: startDate.isDate, summary }]
    }),
  )
}
