import { dateOf, dayOf } from './calendar.ts'

/** Months as painters count them: the same day so many months on, or that month's last day. */
export function monthsAfter(day: number, months: number): number {
  const [year, month, date] = dateOf(day).split('-').map(Number) as [number, number, number]
  const whole = Math.floor(months)
  const from = new Date(Date.UTC(year, month - 1 + whole, 1))
  const lastOfMonth = new Date(Date.UTC(from.getUTCFullYear(), from.getUTCMonth() + 1, 0)).getUTCDate()
  const on = from.getTime() / 864e5 + Math.min(date, lastOfMonth) - 1
  return on + Math.round((months - whole) * daysOfMonth)
}

/** Of half a month. */
const daysOfMonth = 30.4

/** "At least six, better twelve": the first day it may be, and the day it is advised. */
export interface MonthRange {
  readonly earliest: number
  readonly advised: number
}

export const monthRange = (day: number, atLeast: number, better: number): MonthRange => ({
  earliest: monthsAfter(day, atLeast),
  advised: monthsAfter(day, Math.max(atLeast, better)),
})

/** Months from a date in ISO form; null when it is not one. */
export const monthsAfterDate = (iso: string, months: number): string | null => {
  const day = dayOf(iso)
  return day === null ? null : dateOf(monthsAfter(day, months))
}
