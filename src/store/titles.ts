import { sql } from 'kysely'
import type { Kind } from '../document/kinds.ts'
import { asideNow } from './aside.ts'
import type { Database } from './database.ts'
import { batchNumber } from './records.ts'

/** Lists by title: found by typing, a page at a time, without reading a body. */

export interface Titled {
  readonly id: string
  readonly title: string
}

export type Listed = Extract<Kind, 'painting' | 'medium' | 'batch' | 'shelf_item' | 'tube'>

export interface Page {
  /** Part of the title; empty: all. */
  readonly text: string
  readonly from: number
  readonly most: number
  /** Ids of those that come before all others. */
  readonly first?: readonly string[]
}

/** What lists of a kind hold: titles with this text in them, in capitals or not; nothing that is set aside. */
export const titleHolds = (kind: Listed, text: string) => {
  const aside = asideNow().flatMap((one) => (one.kind === kind ? [one.id] : []))
  return sql<boolean>`${sql.table(kind)}.id not in (select value from json_each(${JSON.stringify(aside)}))
    and instr(folded(title), folded(${text})) > 0`
}

const matching = (db: Database, kind: Listed, text: string) =>
  db.selectFrom(kind as 'medium').where(titleHolds(kind, text))

export const titlesOf = async (
  db: Database,
  kind: Listed,
  { text, from, most, first = [] }: Page,
): Promise<readonly Titled[]> =>
  matching(db, kind, text)
    .select(['id', 'title'])
    .$if(first.length > 0, (titled) =>
      titled.orderBy(sql`id in (select value from json_each(${JSON.stringify(first)}))`, 'desc'),
    )
    .orderBy(kind === 'batch' ? sql`${batchNumber} desc` : sql`title collate nocase`)
    .orderBy('id')
    .offset(from)
    .limit(most)
    .execute()

export async function countOf(db: Database, kind: Listed, text = ''): Promise<number> {
  const { count } = await matching(db, kind, text)
    .select(sql<number>`count(*)`.as('count'))
    .executeTakeFirstOrThrow()
  return count
}
