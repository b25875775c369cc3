import type { Database } from '../store/database.ts'
import { countOf, titlesOf } from '../store/titles.ts'
import type { Listed, Titled } from '../store/titles.ts'
import type { ListPage } from './paintingList.ts'

/** Choosing from many by typing: the first few of each kind whose name holds the text. */

export interface FindQuery {
  readonly text: string
  readonly kinds: readonly Listed[]
}

export interface Found extends Titled {
  readonly kind: Listed
}

const findable: readonly Listed[] = ['medium', 'batch', 'shelf_item', 'painting']

const mostOfAKind = 12

export const findQuery = (search: URLSearchParams): FindQuery => ({
  text: search.get('find') ?? '',
  kinds: findable.filter((kind) => (search.get('in') ?? '').split(',').includes(kind)),
})

export async function findIn(db: Database, { text, kinds }: FindQuery): Promise<ListPage<Found>> {
  const entries: Found[] = []
  let count = 0
  for (const kind of kinds) {
    const found = await titlesOf(db, kind, { text, from: 0, most: mostOfAKind })
    entries.push(...found.map((one) => ({ ...one, kind })))
    count += await countOf(db, kind, text)
  }
  return { count, entries }
}
