import { timingSafeEqual } from 'node:crypto'
import type { Database } from '../../store/database.ts'
import { numbered } from '../../store/feed.ts'
import { calendarText, saidOf } from './calendar.ts'
import type { CalendarEntry } from './calendar.ts'
import { settingsOf } from '../settings.ts'

/** The calendar as it is told: each entry numbered by how often it changed. */
export async function feedText(
  db: Database,
  entries: readonly CalendarEntry[],
  now: string,
): Promise<string> {
  const told = entries.map((entry) => ({ uid: entry.uid, said: saidOf(entry) }))
  return calendarText(db, entries, await numbered(db, told, now))
}

/** Whether a key is that of the studio's calendar; without one no calendar is given out. */
export async function isCalendarKey(db: Database, key: string): Promise<boolean> {
  const { calendarKey } = await settingsOf(db)
  if (calendarKey === null || key.length !== calendarKey.length) return false
  return timingSafeEqual(Buffer.from(key), Buffer.from(calendarKey))
}
