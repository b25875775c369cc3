import { sql } from 'kysely'
import type { Kysely, Migration } from 'kysely'

/** A place for how each day ended. */
export const evening: Migration = {
  up: async (db: Kysely<unknown>): Promise<void> => {
    await sql`create table closing (
      id text primary key not null,
      revision integer not null,
      version integer not null default 1,
      title text not null default '',
      body text not null
    )`.execute(db)
    await sql`create index closing_by_title on closing (title, id)`.execute(db)
  },
}
