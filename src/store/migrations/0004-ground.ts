import { sql } from 'kysely'
import type { Kysely, Migration } from 'kysely'

const stored = ['setting', 'shelf_item', 'batch', 'medium', 'painting', 'layer', 'touch_test']

/** An event's changes as they were kept until now: each thing twice, inside one text. */
interface OldChange {
  readonly kind: string
  readonly before: { readonly id: string } | null
  readonly after: { readonly id: string } | null
  readonly revision: number
}

/** The tables have another shape on either side of a migration. */
type AnyTables = Kysely<Record<string, Record<string, unknown>>>

/**
 * Versions on every row, titles to sort and find by, history in a table that can be asked, who names whom, and a place
 * for what was last found of a painting. Titles and mentions are filled by `deriveAll`.
 */
export const ground: Migration = {
  up: async (db: AnyTables): Promise<void> => {
    for (const kind of stored) {
      await db.schema
        .alterTable(kind)
        .addColumn('version', 'integer', (column) => column.notNull().defaultTo(1))
        .execute()
      await db.schema
        .alterTable(kind)
        .addColumn('title', 'text', (column) => column.notNull().defaultTo(''))
        .execute()
    }
    for (const kind of ['medium', 'batch', 'painting', 'shelf_item'])
      await sql`create index ${sql.raw(`${kind}_by_title`)} on ${sql.table(kind)} (title collate nocase, id)`.execute(
        db,
      )
    await makeHistory(db)
    await makeMentions(db)
    await moveHistory(db)
    await makeAssessments(db)
    await db.schema.alterTable('event').dropColumn('changes').execute()
  },
}

async function makeHistory(db: AnyTables): Promise<void> {
  await db.schema.alterTable('event').addColumn('once', 'text').execute()
  await sql`create unique index event_once on event (once) where once is not null`.execute(db)
  await sql`create table event_thing (
    event_id integer not null references event (id),
    kind text not null,
    thing_id text not null,
    revision integer not null,
    removed integer not null,
    before text,
    before_version integer not null,
    primary key (event_id, kind, thing_id)
  ) without rowid`.execute(db)
  await db.schema
    .createIndex('history_of_thing')
    .on('event_thing')
    .columns(['kind', 'thing_id', 'event_id'])
    .execute()
}

async function makeMentions(db: AnyTables): Promise<void> {
  await sql`create table mention (
    from_kind text not null,
    from_id text not null,
    role text not null,
    to_id text not null,
    holds integer not null,
    primary key (from_kind, from_id, role, to_id)
  ) without rowid`.execute(db)
  await db.schema.createIndex('mention_of').on('mention').columns(['role', 'to_id']).execute()
}

async function makeAssessments(db: AnyTables): Promise<void> {
  await sql`create table assessment (
    painting_id text primary key not null references painting (id) on delete cascade,
    wanted integer not null,
    judged integer not null,
    formulas integer not null,
    day real not null,
    quiet_day real,
    verdict text,
    summary text,
    solved text
  )`.execute(db)
  await sql`insert into assessment (painting_id, wanted, judged, formulas, day)
    select id, 1, 0, 0, 0 from painting`.execute(db)
}

/** So many events are read at a time, so that a long history does not fill the memory. */
const eventsAtATime = 500

async function moveHistory(db: AnyTables): Promise<void> {
  for (let last = 0; ;) {
    const events = (await db
      .selectFrom('event')
      .select(['id', 'changes'])
      .where('id', '>', last)
      .orderBy('id')
      .limit(eventsAtATime)
      .execute()) as { id: number; changes: string }[]
    if (events.length === 0) return
    last = events.at(-1)!.id
    const rows = events.flatMap(({ id, changes }) =>
      onceEach(JSON.parse(changes) as OldChange[]).map(({ kind, before, after, revision }) => ({
        event_id: id,
        kind,
        thing_id: (before ?? after)!.id,
        revision,
        removed: after ? 0 : 1,
        before: before && JSON.stringify(before),
        before_version: 1,
      })),
    )
    for (let from = 0; from < rows.length; from += 100)
      await db
        .insertInto('event_thing')
        .values(rows.slice(from, from + 100))
        .execute()
  }
}

/** A thing an event changed twice was what it was before the first time, and is what the last made of it. */
function onceEach(changes: readonly OldChange[]): readonly OldChange[] {
  const byThing = new Map<string, OldChange>()
  for (const change of changes) {
    const name = `${change.kind} ${(change.before ?? change.after)!.id}`
    const first = byThing.get(name)
    byThing.set(name, first ? { ...change, before: first.before } : change)
  }
  return [...byThing.values()]
}
