import { sql } from 'kysely'
import type { Kysely, Migration } from 'kysely'

/** A place for practices: the shipped ones a studio has changed, and its own. */
export const practices: Migration = {
  up: async (db: Kysely<unknown>): Promise<void> => {
    await sql`create table practice (
      id text primary key not null,
      revision integer not null,
      version integer not null default 1,
      title text not null default '',
      body text not null
    )`.execute(db)
    await sql`create index practice_by_title on practice (title collate nocase, id)`.execute(db)
  },
}
