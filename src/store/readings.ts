import type { RoomReadingDocument } from '../document/room.ts'
import type { Revised } from '../document/studio.ts'
import type { Database, Trx } from './database.ts'
import { readRow } from './records.ts'

/** What was read from a date on, in every place. A reading's title is its date. */
export async function readingsSince(
  db: Database | Trx,
  date: string,
): Promise<readonly Revised<RoomReadingDocument>[]> {
  const rows = await db
    .selectFrom('reading')
    .select(['id', 'revision', 'version', 'body'])
    .where('title', '>=', date)
    .orderBy('title')
    .execute()
  return rows.flatMap((row) => readRow('reading', row) ?? [])
}
