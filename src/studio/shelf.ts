import type { ShelfItem } from '../document/shelf.ts'
import type { Wish } from '../store/history.ts'
import { commit, findOrRefuse } from './commit.ts'
import type { Write, Written } from './commit.ts'

/** Adds a lot or a material when `seen` is null, changes it otherwise. */
export const saveShelfItem = (write: Write, item: ShelfItem, seen: number | null): Promise<Written> =>
  commit(write, () =>
    Promise.resolve({
      what: `${seen === null ? 'Added' : 'Changed'} ${item.name} on the shelf`,
      wishes: [{ kind: 'shelf_item', id: item.id, body: item, seen }],
    }),
  )

/** Refused while a recipe names it, unless the book knows it too: then the book's figures hold again. */
export const removeShelfItem = (write: Write, id: string, seen: number): Promise<Written> =>
  commit(write, async (trx) => ({
    what: `Removed ${(await findOrRefuse(trx, 'shelf_item', id)).name} from the shelf`,
    wishes: [{ kind: 'shelf_item', id, body: null, seen }],
  }))

/** Puts a whole list on the shelf in one step, overriding what has the same id. */
export const saveShelf = (write: Write, items: readonly ShelfItem[]): Promise<Written> =>
  commit(write, () =>
    Promise.resolve({
      what: `Brought ${items.length} ${items.length === 1 ? 'material' : 'materials'} onto the shelf`,
      wishes: items.map((body): Wish => ({ kind: 'shelf_item', id: body.id, body })),
    }),
  )
