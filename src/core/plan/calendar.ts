/** Days counted from 1 January 1970 in the studio's own time; 0.5 is noon. No clock and no time zone in here. */

/** "2026-11-24" is the start of that day; "2026-11-24T15:00" is 0.625 of it later. Null when it is not a date. */
export function dayOf(iso: string): number | null {
  const match = /^(\d{4})-(\d{2})-(\d{2})(?:T(\d{2}):(\d{2}))?/.exec(iso)
  if (!match) return null
  const [year, month, day, hour, minute] = [1, 2, 3, 4, 5].map((group) => Number(match[group] ?? 0)) as [
    number,
    number,
    number,
    number,
    number,
  ]
  // Date.UTC would take the years before 100 for those of the last century.
  const back = new Date(0)
  const time = back.setUTCFullYear(year, month - 1, day)
  if (back.getUTCMonth() !== month - 1 || back.getUTCDate() !== day || hour > 23 || minute > 59) return null
  return time / 864e5 + (hour + minute / 60) / 24
}

/** The first and the last day that a date of four figures can say. */
const [firstDay, lastDay] = [dayOf('0000-01-01')!, dayOf('9999-12-31')!]

/** A moment as the standard writes it; one before or after all that can be written is the nearest that can. */
const written = (ms: number): string =>
  new Date(Math.min(lastDay * 864e5, Math.max(firstDay * 864e5, ms))).toISOString()

/** The date a day falls on, "2026-11-24". */
export const dateOf = (day: number): string => written(Math.floor(day) * 864e5).slice(0, 10)

/** The minute a day stands for, "2026-11-24T15:00". */
export const minuteOf = (day: number): string => written(Math.round(day * 1440) * 6e4).slice(0, 16)

/** The minute a date shows on a clock in its own time zone. */
export const minuteAt = (date: Date): string =>
  new Date(date.getTime() - date.getTimezoneOffset() * 6e4).toISOString().slice(0, 16)

/** 0 Monday to 6 Sunday. */
export const weekdayOf = (day: number): number => (((Math.floor(day) + 3) % 7) + 7) % 7

/** The hour at which planned work is taken to begin: ten in the morning. */
export const morning = 10 / 24

/** The days a studio works. */
export interface WorkingDays {
  /** Seven flags from Monday; with none of them set, every day counts. */
  readonly workingDays: readonly boolean[]
  /** Times away, first and last day of each, as whole days. */
  readonly away?: readonly (readonly [from: number, until: number])[]
}

export function isWorked(day: number, { workingDays, away = [] }: WorkingDays): boolean {
  const date = Math.floor(day)
  if (away.some(([from, until]) => from <= date && date <= until)) return false
  return workingDays[weekdayOf(date)]! || !workingDays.some(Boolean)
}

/** Nobody is away for longer than this; a studio that is has no working day to look for. */
const longestAway = 4000

/** The first morning at or after `day` on a day the studio works. */
export function nextWorkingMorning(day: number, working: WorkingDays): number {
  const first = Math.floor(day) + morning >= day ? Math.floor(day) : Math.floor(day) + 1
  let date = first
  while (!isWorked(date, working) && date < first + longestAway) date++
  return date + morning
}
