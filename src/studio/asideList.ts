import { kinds, readStored } from '../document/kinds.ts'
import type { Kind } from '../document/kinds.ts'
import { asideNow } from '../store/aside.ts'
import type { Aside } from '../store/aside.ts'
import type { Database, Trx } from '../store/database.ts'
import { lastReadable } from '../store/history.ts'
import { findRow } from '../store/records.ts'
import { commit } from './commit.ts'
import type { Write, Written } from './commit.ts'
import type { ListPage } from './listPage.ts'
import { gone, refused } from './refused.ts'

/** A thing that cannot be read, with what is stored of it and what can be done. */
export interface AsideEntry extends Aside {
  readonly word: string
  readonly stored: string
}

export async function asideList(db: Database): Promise<ListPage<AsideEntry>> {
  const entries = await Promise.all(
    asideNow().map(async (one): Promise<AsideEntry[]> => {
      const row = await findRow(db, one.kind, one.id)
      return row && !readStored(one.kind, row.body, row.version).ok
        ? [{ ...one, word: kinds[one.kind].word, stored: row.body }]
        : []
    }),
  )
  const all = entries.flat()
  return { count: all.length, entries: all }
}

/** Puts back the last version that can be read, or takes the thing away. Either is an event like any other. */
export const settleAside = (
  write: Write,
  { kind, id, then }: { readonly kind: Kind; readonly id: string; readonly then: 'restore' | 'remove' },
): Promise<Written> =>
  commit(write, async (trx: Trx) => {
    const { word } = kinds[kind]
    const row = await findRow(trx, kind, id)
    if (!row) throw gone(word)
    if (readStored(kind, row.body, row.version).ok)
      throw refused(`This ${word} can be read. Nothing was changed.`)
    const body = then === 'restore' ? await lastReadable(trx, kind, id) : null
    if (then === 'restore' && !body)
      throw refused(
        `No earlier version of this ${word} can be read. Take it away, or open it with a newer Grelta.`,
      )
    const what =
      then === 'restore' ? `Put back an earlier ${word}` : `Took away a ${word} that could not be read`
    return { what, wishes: [{ kind, id, body }] }
  })
