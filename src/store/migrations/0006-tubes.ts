import { sql } from 'kysely'
import type { Kysely, Migration } from 'kysely'

/** A place for the painter's own tubes of paint. */
export const tubes: Migration = {
  up: async (db: Kysely<unknown>): Promise<void> => {
    await sql`create table tube (
      id text primary key not null,
      revision integer not null,
      version integer not null default 1,
      title text not null default '',
      body text not null
    )`.execute(db)
    await sql`create index tube_by_title on tube (title collate nocase, id)`.execute(db)
  },
}
