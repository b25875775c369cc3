import { format, isThisYear, parseISO } from 'date-fns'
import { dateOf } from '../core/plan/calendar.ts'

/** A date as it is written on every page, in every refusal and on every label: "3 Dec 2026". */
export const dateText = (iso: string): string => format(parseISO(iso), 'd MMM yyyy')

/** A day as it stands in a calendar; with its year where that is not this one. */
export function dayText(day: number): string {
  const date = parseISO(dateOf(day))
  return format(date, isThisYear(date) ? 'EEE d MMM' : 'EEE d MMM yyyy')
}
