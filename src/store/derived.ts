import { kindNames, kinds, readStored } from '../document/kinds.ts'
import type { Bodies, Kind, StoredKind } from '../document/kinds.ts'
import type { Database, Trx } from './database.ts'

/** What is read off a body when it is written: its title, and whom it names. Raise to have it read off all anew. */
export const derivedVersion = 2

export const titleFor = <K extends Kind>(kind: K, body: Bodies[K]): string =>
  (kinds[kind] as StoredKind<K>).titleOf(body)

/** Whom the thing names from now on; nobody when it is gone. */
export async function nameAnew<K extends Kind>(
  trx: Trx,
  kind: K,
  id: string,
  body: Bodies[K] | null,
): Promise<void> {
  await trx.deleteFrom('mention').where('from_kind', '=', kind).where('from_id', '=', id).execute()
  const mentions = body ? (kinds[kind] as StoredKind<K>).mentionsOf(body) : []
  if (mentions.length === 0) return
  const rows = mentions.map((mention) => ({
    from_kind: kind,
    from_id: id,
    role: mention.role,
    to_id: mention.id,
    holds: mention.holds ? 1 : 0,
  }))
  await trx.insertInto('mention').values(rows).execute()
}

/** Reads titles and mentions off everything stored. What cannot be read keeps an empty title and names nobody. */
export async function deriveAll(db: Database): Promise<void> {
  for (const kind of kindNames) await deriveKind(db, kind)
}

async function deriveKind<K extends Kind>(db: Database, kind: K): Promise<void> {
  const rows = await db
    .selectFrom(kind as 'medium')
    .select(['id', 'version', 'body'])
    .execute()
  for (const { id, version, body } of rows) {
    const read = readStored(kind, body, version)
    if (!read.ok) continue
    const stored = { ...read.body, id }
    await db
      .updateTable(kind as 'medium')
      .set({ title: titleFor(kind, stored) })
      .where('id', '=', id)
      .execute()
    await nameAnew(db as Trx, kind, id, stored)
  }
}
