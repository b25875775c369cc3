import { sql } from 'kysely'
import type { Kysely, Migration } from 'kysely'

/**
 * Places for swatches, trials, readings of the room and reminders, for what is learnt from all checks, and for what the
 * calendar feed has told.
 */
export const time: Migration = {
  up: async (db: Kysely<unknown>): Promise<void> => {
    for (const table of ['swatch', 'trial', 'reminder']) {
      await sql`create table ${sql.table(table)} (
        id text primary key not null,
        revision integer not null,
        version integer not null default 1,
        title text not null default '',
        body text not null
      )`.execute(db)
      await sql`create index ${sql.ref(`${table}_by_title`)}
        on ${sql.table(table)} (title collate nocase, id)`.execute(db)
    }
    await sql`create table reading (
      id text primary key not null,
      parent_id text not null,
      revision integer not null,
      version integer not null default 1,
      title text not null default '',
      body text not null
    )`.execute(db)
    await sql`create index reading_by_date on reading (title, parent_id)`.execute(db)
    await sql`create table known (name text primary key not null, body text not null)`.execute(db)
    await sql`create table feed_entry (
      uid text primary key not null,
      sequence integer not null,
      stamp text not null,
      said text not null
    )`.execute(db)
    await sql`alter table assessment add column tried text`.execute(db)
  },
}
