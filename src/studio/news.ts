import type { Database } from '../store/database.ts'
import { lastEvent, touchedSince } from '../store/history.ts'
import { asTheyStand, mostThings } from './commit.ts'
import type { Thing } from './commit.ts'

/** What was done in other windows since a page was made. */
export interface News {
  /** The newest event: what to ask from the next time. */
  readonly event: number
  /** The studio's day now, by which pages count. */
  readonly day: string
  /** What was changed, as it stands now; no body: it was removed. */
  readonly things: readonly Thing[]
  /** More was changed than is worth sending: the page is better loaded anew. */
  readonly more: boolean
}

/** After more events than this a page is loaded anew, whatever they touched. */
const mostEvents = 500

export async function newsSince(db: Database, since: number, day: string): Promise<News> {
  const event = await lastEvent(db)
  if (event <= since) return { event, day, things: [], more: false }
  const touched = event - since > mostEvents ? null : await touchedSince(db, since, mostThings + 1)
  const more = touched === null || touched.length > mostThings
  return { event, day, things: more ? [] : await asTheyStand(db, touched), more }
}
