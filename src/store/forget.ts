import { sql } from 'kysely'
import type { Trx } from './database.ts'

/** Takes an owner's address out of everything that is kept of what a painting was before: no undo brings it back. */
export async function forgetAddressIn(trx: Trx, paintingId: string): Promise<void> {
  await sql`update event_thing set before = json_set(before, '$.owed.address', '')
    where kind = 'painting' and thing_id = ${paintingId} and json_valid(before)
    and json_extract(before, '$.owed.address') != ''`.execute(trx)
}
