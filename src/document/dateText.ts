import { dateOf, dayOf, minuteOf } from '../core/plan/calendar.ts'

/* How dates are written everywhere, by the platform's own names of days and months. */

const named = (options: Intl.DateTimeFormatOptions) => {
  const names = new Intl.DateTimeFormat('en-US', { timeZone: 'UTC', ...options })
  return (day: number): string => names.format(day * 864e5)
}
const weekday = named({ weekday: 'short' })
const shortMonth = named({ month: 'short' })
const longMonth = named({ month: 'long' })

const yearOf = (day: number): number => Number(dateOf(day).slice(0, 4))
const isThisYear = (day: number): boolean => yearOf(day) === new Date().getFullYear()
const dateOfMonth = (day: number): number => Number(dateOf(day).slice(8))

/** "3 Dec" */
export const monthDayText = (day: number): string => `${dateOfMonth(day)} ${shortMonth(day)}`

/** A date as it is written on every page, in every refusal and on every label: "3 Dec 2026". */
export function dateText(iso: string): string {
  const day = dayOf(iso)!
  return `${monthDayText(day)} ${yearOf(day)}`
}

/** A day as it stands in a calendar, "Thu 3 Dec"; with its year where that is not this one. */
export const dayText = (day: number): string =>
  `${weekday(day)} ${monthDayText(day)}${isThisYear(day) ? '' : ` ${yearOf(day)}`}`

/** A day that is past: "yesterday", else as it stands in a calendar. */
export const lateDayText = (day: number, today: number): string =>
  day === Math.floor(today) - 1 ? 'yesterday' : dayText(day)

/** A day so far off that only its month is known: "December 2026". */
export const monthText = (day: number): string => `${longMonth(day)} ${yearOf(day)}`

/** The name of a month on a scale of time, with its year where that begins: "Dec", "Jan 2027". */
export const monthName = (day: number): string =>
  dateOf(day).slice(5, 7) === '01' ? `${shortMonth(day)} ${yearOf(day)}` : shortMonth(day)

/** A minute: "Thu 3 Dec 2026, 15:00". */
export function minuteText(iso: string): string {
  const day = dayOf(iso)!
  return `${weekday(day)} ${dateText(iso)}, ${iso.slice(11, 16)}`
}

/** A minute lately: "Thu 3 Dec, 15:00", with its year where that is not this one. */
export const momentText = (iso: string): string => `${dayText(dayOf(iso)!)}, ${iso.slice(11, 16)}`

/** An hour of today or tomorrow: "17:00", "9:30 tomorrow". */
export const hourText = (day: number, today: number): string =>
  `${minuteOf(day).slice(11).replace(/^0/, '')}${Math.floor(day) > Math.floor(today) ? ' tomorrow' : ''}`

/** A span of dates: "3–11 Dec", "28 Nov–4 Dec", "28 Dec 2026–4 Jan 2027". */
export function datesText(low: number, high: number): string {
  const last = isThisYear(high) ? monthDayText(high) : `${monthDayText(high)} ${yearOf(high)}`
  if (dateOf(low) === dateOf(high)) return last
  const isSameMonth = dateOf(low).slice(0, 7) === dateOf(high).slice(0, 7)
  const first = isSameMonth
    ? dateOfMonth(low)
    : yearOf(low) === yearOf(high)
      ? monthDayText(low)
      : `${monthDayText(low)} ${yearOf(low)}`
  return `${first}–${last}`
}
