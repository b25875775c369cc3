import { sql } from 'kysely'
import type { Kysely, Migration } from 'kysely'

/** A place for the practice pieces that were looked at. */
export const exercises: Migration = {
  up: async (db: Kysely<unknown>): Promise<void> => {
    await sql`create table exercise (
      id text primary key not null,
      revision integer not null,
      version integer not null default 1,
      title text not null default '',
      body text not null
    )`.execute(db)
    await sql`create index exercise_by_title on exercise (title, id)`.execute(db)
  },
}
