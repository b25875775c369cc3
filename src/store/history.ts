import { setImmediate } from 'node:timers/promises'
import { isDeepStrictEqual } from 'node:util'
import { kinds, readStored } from '../document/kinds.ts'
import type { Bodies, Kind } from '../document/kinds.ts'
import type { Revised } from '../document/studio.ts'
import { forgetAside } from './aside.ts'
import type { Database, Trx } from './database.ts'
import { find, findRow, put, remove } from './records.ts'
import type { Row } from './records.ts'

export interface Wish<K extends Kind = Kind> {
  readonly kind: K
  readonly id: string
  /** What it should become; null removes it. */
  readonly body: Bodies[K] | null
  /** The revision the painter was looking at; null: it should not exist yet. Left out: whatever is there. */
  readonly seen?: number | null
}

/** A thing an event touched, as it was and as it became; null where it was not there, or cannot be read. */
export interface Touched {
  readonly kind: Kind
  readonly id: string
  readonly before: Bodies[Kind] | null
  readonly after: Bodies[Kind] | null
  readonly revision: number
}

/** Somebody else was there first; `current` is what stands now. */
export class StaleWrite extends Error {
  constructor(
    readonly kind: Kind,
    readonly current: Revised<Bodies[Kind]> | null,
  ) {
    super('This was changed elsewhere since you opened it.')
  }
}

export interface Deed {
  readonly at: string
  readonly paintingId: string | null
  readonly what: string
  readonly once: string | null
}

/**
 * Carries out wishes in order inside a transaction and writes one event that can be undone; what each thing was before
 * is kept as it was stored. Throws StaleWrite when something was changed since it was seen, Unfit when a body would not
 * be read again; nothing is written then.
 */
export async function change(
  trx: Trx,
  { at, paintingId, what, once }: Deed,
  wishes: readonly Wish[],
): Promise<{ readonly event: number; readonly touched: readonly Touched[] }> {
  const { id: event } = await trx
    .insertInto('event')
    .values({ at, painting_id: paintingId, what, undone_by: null, once })
    .returning('id')
    .executeTakeFirstOrThrow()
  const touched: Touched[] = []
  for (const [index, wish] of wishes.entries()) {
    const done = await fulfil(trx, event, wish)
    if (done) touched.push(done)
    // Others are answered in between; their own reads and writes wait.
    if (index % 100 === 99) await setImmediate()
  }
  return { event, touched }
}

async function fulfil(trx: Trx, event: number, { kind, id, body, seen }: Wish): Promise<Touched | null> {
  const row = await findRow(trx, kind, id)
  if (seen !== undefined && (row?.revision ?? null) !== seen)
    throw new StaleWrite(kind, await find(trx, kind, id))
  if (!row && !body) return null
  const revision = (row?.revision ?? (await lastRevision(trx, kind, id))) + 1
  const after = body ? await put(trx, kind, body, revision) : null
  if (!body) await remove(trx, kind, id)
  forgetAside(kind, id)
  await trx
    .insertInto('event_thing')
    .values({
      event_id: event,
      kind,
      thing_id: id,
      revision,
      removed: body ? 0 : 1,
      before: row?.body ?? null,
      before_version: row?.version ?? kinds[kind].version,
    })
    .execute()
  return { kind, id, before: row && bodyIn(kind, row), after, revision }
}

const lastOf = (trx: Trx | Database, kind: Kind, id: string) =>
  trx
    .selectFrom('event_thing')
    .select(['event_id', 'revision'])
    .where('kind', '=', kind)
    .where('thing_id', '=', id)
    .orderBy('event_id', 'desc')
    .limit(1)
    .executeTakeFirst()

/** A removed thing that comes back goes on counting, so that an old copy of it stays stale. */
const lastRevision = async (trx: Trx, kind: Kind, id: string): Promise<number> =>
  (await lastOf(trx, kind, id))?.revision ?? 0

/** The newest event that touched a thing; null when none ever did. */
export const lastTouching = async (trx: Trx | Database, kind: Kind, id: string): Promise<number | null> =>
  (await lastOf(trx, kind, id))?.event_id ?? null

/** The body in a row, or in a state that was kept; null when it cannot be read. */
export function bodyIn<K extends Kind>(
  kind: K,
  { id, body, version }: Omit<Row, 'revision'>,
): Bodies[K] | null {
  const read = readStored(kind, body, version)
  return read.ok ? { ...read.body, id } : null
}

/** A stored thing without the revision it was read at. */
export const bare = <Body extends { readonly revision: number }>({
  revision: _revision,
  ...body
}: Body): Omit<Body, 'revision'> => body

/** What a thing was before an event, and what the event made of it; null where it was not there. */
export interface Step {
  readonly kind: Kind
  readonly id: string
  readonly before: StoredState
  readonly after: StoredState
}

/** absent: not there. unreadable: there, but what is stored cannot be read. */
export type StoredState =
  | { readonly is: 'absent' }
  | { readonly is: 'unreadable'; readonly why: string }
  | { readonly is: 'there'; readonly body: Bodies[Kind] }

function stateOf(kind: Kind, id: string, body: string | null, version: number): StoredState {
  if (body === null) return { is: 'absent' }
  const read = readStored(kind, body, version)
  return read.ok ? { is: 'there', body: { ...read.body, id } } : { is: 'unreadable', why: read.why }
}

export const stateNow = async (db: Database | Trx, kind: Kind, id: string): Promise<StoredState> => {
  const row = await findRow(db, kind, id)
  return stateOf(kind, id, row?.body ?? null, row?.version ?? 1)
}

/** What an event did, thing by thing. */
export async function stepsOf(trx: Trx, event: number): Promise<readonly Step[]> {
  const rows = await trx.selectFrom('event_thing').selectAll().where('event_id', '=', event).execute()
  const steps: Step[] = []
  for (const { kind: name, thing_id: id, before, before_version, removed } of rows) {
    const kind = name as Kind
    const next = removed ? null : await nextOf(trx, kind, id, event)
    const after = removed
      ? ({ is: 'absent' } as const)
      : next
        ? stateOf(kind, id, next.before, next.before_version)
        : await stateNow(trx, kind, id)
    steps.push({ kind, id, before: stateOf(kind, id, before, before_version), after })
  }
  return steps
}

const nextOf = (trx: Trx | Database, kind: Kind, id: string, event: number) =>
  trx
    .selectFrom('event_thing')
    .select(['before', 'before_version', 'event_id'])
    .where('kind', '=', kind)
    .where('thing_id', '=', id)
    .where('event_id', '>', event)
    .orderBy('event_id')
    .limit(1)
    .executeTakeFirst()

/** What a thing was once an event was over. */
export async function stateAfter(
  trx: Trx | Database,
  kind: Kind,
  id: string,
  event: number,
): Promise<StoredState> {
  const next = await nextOf(trx, kind, id, event)
  return next ? stateOf(kind, id, next.before, next.before_version) : stateNow(trx, kind, id)
}

/** The fields in which two bodies differ. */
export function changedFields(before: object, after: object): readonly string[] {
  const [a, b] = [before as Record<string, unknown>, after as Record<string, unknown>]
  return [...new Set([...Object.keys(a), ...Object.keys(b)])].filter(
    (field) => !isDeepStrictEqual(a[field], b[field]),
  )
}

/** One thing that was done, as its list shows it. */
export interface DoneEntry {
  readonly event: number
  readonly at: string
  readonly what: string
  readonly undone: boolean
  readonly paintingId: string | null
}

/** Of what: one painting, one thing, or the whole studio. */
export type DoneOf = { readonly painting: string } | { readonly kind: Kind; readonly id: string } | 'studio'

/** What was done, newest first, `most` at a time, from before an event on; at will only what touched few things. */
export async function whatWasDone(
  db: Database,
  of: DoneOf,
  most: number,
  { before, mostThings }: { readonly before?: number | undefined; readonly mostThings?: number } = {},
): Promise<readonly DoneEntry[]> {
  const rows = await db
    .selectFrom('event')
    .select(['event.id', 'at', 'what', 'undone_by', 'painting_id'])
    .$if(of !== 'studio' && 'painting' in of, (query) =>
      query.where('painting_id', '=', (of as { painting: string }).painting),
    )
    .$if(of !== 'studio' && 'kind' in of, (query) => {
      const { kind, id } = of as { kind: Kind; id: string }
      return query.where('event.id', 'in', (inner) =>
        inner
          .selectFrom('event_thing')
          .select('event_id')
          .where('kind', '=', kind)
          .where('thing_id', '=', id),
      )
    })
    .$if(before !== undefined, (query) => query.where('event.id', '<', before!))
    .$if(mostThings !== undefined, (query) =>
      query.where(
        (event) =>
          event
            .selectFrom('event_thing')
            .select(event.fn.countAll().as('things'))
            .whereRef('event_thing.event_id', '=', 'event.id'),
        '<=',
        mostThings!,
      ),
    )
    .orderBy('event.id', 'desc')
    .limit(most)
    .execute()
  return rows.map(({ id, at, what, undone_by, painting_id }) => ({
    event: id,
    at,
    what,
    undone: undone_by !== null,
    paintingId: painting_id,
  }))
}

/** Everything one thing has been, newest first: when it became so, and what it was. What cannot be read is left out. */
export async function versionsOf<K extends Kind>(
  db: Database | Trx,
  kind: K,
  id: string,
  most: number,
): Promise<readonly { readonly at: string; readonly body: Bodies[K] }[]> {
  const rows = await db
    .selectFrom('event_thing')
    .innerJoin('event', 'event.id', 'event_thing.event_id')
    .select(['at', 'before', 'before_version', 'removed'])
    .where('kind', '=', kind)
    .where('thing_id', '=', id)
    .orderBy('event_id', 'desc')
    .limit(most)
    .execute()
  const row = await findRow(db, kind, id)
  let after = row && { body: row.body, version: row.version }
  return rows.flatMap(({ at, before, before_version, removed }) => {
    const became = removed ? null : after
    after = before === null ? null : { body: before, version: before_version }
    const body = became && bodyIn(kind, { id, ...became })
    return body ? [{ at, body }] : []
  })
}

export interface EventState {
  readonly id: number
  readonly what: string
  readonly paintingId: string | null
  readonly undone: boolean
}

export async function eventOf(trx: Trx, id: number): Promise<EventState | null> {
  const row = await trx.selectFrom('event').selectAll().where('id', '=', id).executeTakeFirst()
  return row
    ? { id: row.id, what: row.what, paintingId: row.painting_id, undone: row.undone_by !== null }
    : null
}

export const eventOnce = async (trx: Trx, once: string): Promise<number | null> =>
  (await trx.selectFrom('event').select('id').where('once', '=', once).executeTakeFirst())?.id ?? null

export async function markUndone(trx: Trx, event: number, by: number): Promise<void> {
  await trx.updateTable('event').set({ undone_by: by }).where('id', '=', event).execute()
}

/** What an event touched: the revision each thing had after it, and which of them it made. */
export async function thingsOf(
  trx: Trx,
  event: number,
): Promise<
  readonly { readonly kind: Kind; readonly id: string; readonly revision: number; readonly made: boolean }[]
> {
  const rows = await trx
    .selectFrom('event_thing')
    .select(['kind', 'thing_id', 'revision', 'before', 'removed'])
    .where('event_id', '=', event)
    .execute()
  return rows.map(({ kind, thing_id, revision, before, removed }) => ({
    kind: kind as Kind,
    id: thing_id,
    revision,
    made: before === null && !removed,
  }))
}

/** What was touched after an event, each thing once, with its newest revision; at most so many. */
export async function touchedSince(
  db: Database,
  event: number,
  most: number,
): Promise<readonly { readonly kind: Kind; readonly id: string; readonly revision: number }[]> {
  const rows = await db
    .selectFrom('event_thing')
    .select(({ fn }) => ['kind', 'thing_id', fn.max('revision').as('revision')])
    .where('event_id', '>', event)
    .groupBy(['kind', 'thing_id'])
    .orderBy('kind')
    .limit(most)
    .execute()
  return rows.map(({ kind, thing_id, revision }) => ({ kind: kind as Kind, id: thing_id, revision }))
}

/** The newest earlier version of a thing that can be read. */
export async function lastReadable<K extends Kind>(trx: Trx, kind: K, id: string): Promise<Bodies[K] | null> {
  const rows = await trx
    .selectFrom('event_thing')
    .select(['before', 'before_version'])
    .where('kind', '=', kind)
    .where('thing_id', '=', id)
    .orderBy('event_id', 'desc')
    .execute()
  for (const { before, before_version } of rows) {
    const body = before === null ? null : bodyIn(kind, { id, body: before, version: before_version })
    if (body) return body
  }
  return null
}

/** The number of the newest event; 0 while nothing was done. It changes with every write. */
export const lastEvent = async (db: Database | Trx): Promise<number> => {
  const { last } = await db
    .selectFrom('event')
    .select(({ fn }) => fn.max('id').as('last'))
    .executeTakeFirstOrThrow()
  return last ?? 0
}
