import { sql } from 'kysely'
import type { Kind } from '../document/kinds.ts'
import type { Database } from './database.ts'

/** Lists by title: found by typing, a page at a time, without reading a body. */

export interface Titled {
  readonly id: string
  readonly title: string
}

export type Listed = Extract<Kind, 'painting' | 'medium' | 'batch' | 'shelf_item'>

export interface Page {
  /** Part of the title; empty: all. */
  readonly text: string
  readonly from: number
  readonly most: number
}

const matching = (db: Database, kind: Listed, text: string) =>
  db
    .selectFrom(kind as 'medium')
    .$if(text !== '', (query) => query.where(sql<boolean>`instr(lower(title), lower(${text})) > 0`))

export const titlesOf = async (
  db: Database,
  kind: Listed,
  { text, from, most }: Page,
): Promise<readonly Titled[]> =>
  matching(db, kind, text)
    .select(['id', 'title'])
    .orderBy(kind === 'batch' ? sql`body ->> 'number' desc` : sql`title collate nocase`)
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
