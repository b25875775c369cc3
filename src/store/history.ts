import { isDeepStrictEqual } from 'node:util'
import type { Revised } from '../document/studio.ts'
import type { Database, Trx } from './database.ts'
import { find, put, remove } from './records.ts'
import type { Bodies, Kind } from './records.ts'

/** A thing as it was and as it became; null where it was not there. */
export type Change = {
  readonly [K in Kind]: { readonly kind: K; readonly before: Bodies[K] | null; readonly after: Bodies[K] | null; readonly revision: number }
}[Kind]

export interface Wish<K extends Kind = Kind> {
  readonly kind: K
  readonly id: string
  /** What it should become; null removes it. */
  readonly body: Bodies[K] | null
  /** The revision the painter was looking at; null: it should not exist yet. Left out: whatever is there. */
  readonly seen?: number | null
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

/**
 * Carries out wishes in order inside a transaction and writes one event that can be undone.
 * Throws StaleWrite, and so writes nothing, when something was changed since it was seen.
 */
export async function change(
  trx: Trx,
  at: string,
  paintingId: string | null,
  what: string,
  wishes: readonly Wish[],
): Promise<{ event: number; revisions: Record<string, number> }> {
  const changes: Change[] = []
  const revisions: Record<string, number> = {}
  for (const { kind, id, body, seen } of wishes) {
    const current = await find(trx, kind, id)
    if (seen !== undefined && (current?.revision ?? null) !== seen) throw new StaleWrite(kind, current)
    if (body) {
      const revision = (current?.revision ?? (await lastRevision(trx, kind, id))) + 1
      await put(trx, kind, body, revision)
      revisions[id] = revision
      changes.push({ kind, before: current && bare(current), after: body, revision } as Change)
    } else if (current) {
      await remove(trx, kind, id)
      changes.push({ kind, before: current && bare(current), after: null, revision: current.revision } as Change)
    }
  }
  const { id: event } = await trx
    .insertInto('event')
    .values({ at, painting_id: paintingId, what, changes: JSON.stringify(changes), undone_by: null })
    .returning('id')
    .executeTakeFirstOrThrow()
  return { event, revisions }
}

/**
 * Takes back one event: what it made goes, what it changed or removed comes back, in the reverse order.
 * Throws StaleWrite when something it touched was changed since.
 */
export async function undo(db: Database, event: number, at: string): Promise<{ event: number; what: string; revisions: Record<string, number> } | null> {
  return db.transaction().execute(async (trx) => {
    const row = await trx.selectFrom('event').selectAll().where('id', '=', event).executeTakeFirst()
    if (!row || row.undone_by !== null) return null
    const changes = JSON.parse(row.changes) as Change[]
    const wishes: Wish[] = []
    for (const { kind, before, after } of changes.toReversed()) {
      const id = (before ?? after)!.id
      const current = await find(trx, kind, id)
      if (!isDeepStrictEqual(current && bare(current), after)) throw new StaleWrite(kind, current)
      wishes.push({ kind, id, body: before })
    }
    const what = `Undid: ${row.what}`
    const undone = await change(trx, at, row.painting_id, what, wishes)
    await trx.updateTable('event').set({ undone_by: undone.event }).where('id', '=', event).execute()
    return { ...undone, what }
  })
}

/** Everything one thing has been, newest first: when it became so, and what it was. */
export async function versionsOf<K extends Kind>(db: Database, kind: K, id: string): Promise<readonly { readonly at: string; readonly body: Bodies[K] }[]> {
  const rows = await db.selectFrom('event').select(['at', 'changes']).where('changes', 'like', `%"${id}"%`).orderBy('id', 'desc').limit(500).execute()
  return rows.flatMap(({ at, changes }) =>
    (JSON.parse(changes) as Change[]).flatMap((one) => (one.kind === kind && one.after?.id === id ? [{ at, body: one.after as Bodies[K] }] : [])),
  )
}

/** A stored thing without the revision it was read at. */
export const bare = <Body extends { readonly revision: number }>({ revision: _revision, ...body }: Body): Omit<Body, 'revision'> => body

/** A removed thing that comes back goes on counting, so that an old copy of it stays stale. */
async function lastRevision(trx: Trx, kind: Kind, id: string): Promise<number> {
  const rows = await trx.selectFrom('event').select('changes').where('changes', 'like', `%"${id}"%`).orderBy('id', 'desc').limit(20).execute()
  const known = rows.flatMap(({ changes }) =>
    (JSON.parse(changes) as Change[]).filter((one) => one.kind === kind && (one.before ?? one.after)!.id === id).map(({ revision }) => revision),
  )
  return Math.max(0, ...known)
}
