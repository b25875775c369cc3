import { familyNames } from '../core/materials/families.ts'
import { materialOf } from '../core/materials/own.ts'
import { indexed, findIn } from '../core/materials/search.ts'
import { findInLibrary } from '../core/materials/find.ts'
import { bottleIsLow } from '../document/nearlyOut.ts'
import type { NearlyOut } from '../document/nearlyOut.ts'
import { library } from '../core/materials/library.ts'
import type { ShelfItem } from '../document/shelf.ts'
import type { Revised } from '../document/studio.ts'
import type { Database } from '../store/database.ts'
import { find, list, listByIds } from '../store/records.ts'
import { remembering } from '../store/remembered.ts'
import { linesAtATime } from './listPage.ts'
import type { ListPage } from './listPage.ts'
import { gone } from './refused.ts'

/** The painter's own half of the shelf, found by the same words as the book's. */

export const indexOfAll = remembering('shelf_item', (item) => {
  const material = materialOf(item, findInLibrary)
  return indexed(material, familyNames[material.family])
})

export interface ShelfPage extends ListPage<Revised<ShelfItem>> {
  /** Materials of the book that an entry of the painter's stands in for. */
  readonly overridden: readonly string[]
  /** Of all there is. */
  readonly nearlyOut: readonly NearlyOut[]
}

const lowOfAll = remembering('shelf_item', (item): NearlyOut | null =>
  bottleIsLow(item) ? { id: item.id, name: item.name } : null,
)

export async function shelfPage(db: Database, { text = '', from = 0 } = {}): Promise<ShelfPage> {
  const all = [...(await indexOfAll(db)).values()]
  const found = findIn(all, text)
    .map(({ material }) => material)
    .sort((a, b) => a.name.localeCompare(b.name))
  const ids = found.slice(from, from + linesAtATime).map(({ id }) => id)
  const items = new Map((await listByIds(db, 'shelf_item', ids)).map((item) => [item.id, item]))
  return {
    count: found.length,
    entries: ids.flatMap((id) => items.get(id) ?? []),
    nearlyOut: [...(await lowOfAll(db)).values()].filter((one) => one !== null),
    overridden: all.flatMap(({ material }) => (findInLibrary(material.id) ? [material.id] : [])),
  }
}

export const wholeShelf = async (db: Database): Promise<readonly ShelfItem[]> =>
  [...(await list(db, 'shelf_item'))].sort((a, b) => a.name.localeCompare(b.name))

export async function shelfItemOrRefuse(db: Database, id: string): Promise<Revised<ShelfItem>> {
  const item = await find(db, 'shelf_item', id)
  if (!item) throw gone('material')
  return item
}

/** An entry of the painter's own; null where the book's figures hold. */
export const ownItem = (db: Database, id: string): Promise<Revised<ShelfItem> | null> =>
  find(db, 'shelf_item', id)

type Items = readonly ShelfItem[]

const bookIds = library.map(({ id }) => id)

/** These, and every lot that stands in for a material of the book: a page may choose from the book without asking. */
export const withStandIns = async (db: Database, items: Items): Promise<Items> =>
  joined(items, await listByIds(db, 'shelf_item', bookIds))

/** Those, and the first of the painter's others, to choose from without asking. */
export const withOwn = async (db: Database, items: Items): Promise<Items> =>
  joined(await withStandIns(db, items), (await shelfPage(db)).entries)

function joined(items: Items, more: Items): Items {
  const known = new Set(items.map(({ id }) => id))
  return [...items, ...more.filter(({ id }) => !known.has(id))]
}
