import type { Database } from '../../store/database.ts'
import { shortagesIn } from './batchList.ts'
import type { Shortage } from './batchList.ts'
import type { ListPage } from '../listPage.ts'
import { tubeShortages } from '../tubeNeeds.ts'
import type { TubeShortage } from '../tubeNeeds.ts'

/** What the planned layers need, of mediums and of tubes. */
export interface ShoppingList extends ListPage<Shortage> {
  readonly tubes: readonly TubeShortage[]
}

export const shoppingList = async (db: Database, now: string): Promise<ShoppingList> => ({
  ...(await shortagesIn(db, now)),
  tubes: await tubeShortages(db, now),
})
