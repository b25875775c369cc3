import type { Kysely, Migration } from 'kysely'
import { stored } from './0001-first.ts'

/** The painter's own lots and materials. */
export const shelf: Migration = {
  up: async (db: Kysely<unknown>) => {
    await stored(db, 'shelf_item').execute()
  },
}
