import type { Bodies, Kind } from '../document/kinds.ts'
import type { Revised } from '../document/studio.ts'
import type { Database } from './database.ts'
import { listByIds } from './records.ts'

interface Known<Value> {
  readonly revision: number
  readonly value: Value
}

/** So many bodies are read at a time. */
const atATime = 500

/**
 * What is made of every thing of a kind, remembered for as long as the thing stays as it is: a call reads ids and
 * revisions in one query, and the bodies only of what is new.
 */
export function remembering<K extends Kind, Value>(
  kind: K,
  make: (body: Revised<Bodies[K]>) => Value,
): (db: Database) => Promise<ReadonlyMap<string, Value>> {
  const byDatabase = new WeakMap<Database, Map<string, Known<Value>>>()
  return async (db) => {
    const before = byDatabase.get(db) ?? new Map<string, Known<Value>>()
    const heads = await db
      .selectFrom(kind as 'medium')
      .select(['id', 'revision'])
      .execute()
    const isKnown = ({ id, revision }: (typeof heads)[number]): boolean =>
      before.get(id)?.revision === revision
    const now = new Map(heads.filter(isKnown).map(({ id }) => [id, before.get(id)!]))
    const fresh = heads.filter((head) => !isKnown(head)).map(({ id }) => id)
    for (let from = 0; from < fresh.length; from += atATime)
      for (const body of await listByIds(db, kind, fresh.slice(from, from + atATime)))
        now.set(body.id, { revision: body.revision, value: make(body) })
    byDatabase.set(db, now)
    return new Map([...now].map(([id, { value }]) => [id, value]))
  }
}
