import type { BackupsTold } from '../../studio/backups/backups.ts'
import { dateText, dayText } from '../../ui/format.ts'
import { dayOf } from '../../core/plan/calendar.ts'

/** Whether the work is safe, in a sentence. */
export function answerOf({ entries, problem, place }: BackupsTold, today: string): string {
  if (problem) return problem
  const [last] = entries
  if (!last)
    return 'Nothing is backed up yet. The first backup is made by itself, within minutes of the first work.'
  const when = last.date === today ? `today at ${last.at.slice(11)}` : `on ${dayText(dayOf(last.date)!)}`
  const lastWords = `Backed up ${when}`
  if (!place) return `${lastWords}, on this machine alone.`
  if (!place.isThere)
    return `${lastWords}. ${place.at ? `The copy elsewhere is of ${dateText(place.at)}` : 'Nothing is copied elsewhere yet'}: what it goes to is not plugged in.`
  return last.isAway ? `${lastWords}, here and elsewhere.` : `${lastWords}; its copy elsewhere is on its way.`
}

/** "3.4 MB" */
export const bytesText = (bytes: number): string =>
  bytes < 1e6 ? `${Math.max(1, Math.round(bytes / 1e3))} kB` : `${(bytes / 1e6).toPrecision(2)} MB`

/** "1 layer", "3 layers" */
export const counted = (count: number, one: string, many = `${one}s`): string =>
  `${count} ${count === 1 ? one : many}`
