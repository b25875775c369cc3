import { dayOf } from '../../core/plan/calendar.ts'

/** Which backups are kept: one a day for two weeks, and the first of each month for two years. */

const daysKept = 14
const monthsKept = 24

const monthOf = (date: string): number => Number(date.slice(0, 4)) * 12 + Number(date.slice(5, 7))

/** Of the dates that have a backup, those whose backup has had its time. */
export function outlived(dates: readonly string[], today: string): readonly string[] {
  const sorted = [...dates].sort()
  const firsts = new Set(sorted.filter((date, at) => monthOf(date) !== monthOf(sorted[at - 1] ?? '0000-00')))
  return sorted.filter((date) => {
    if (dayOf(today)! - dayOf(date)! < daysKept) return false
    return !firsts.has(date) || monthOf(today) - monthOf(date) >= monthsKept
  })
}
