import type { Kysely, Migration } from 'kysely'
import { stored } from './0001-first.ts'

/** Batches of mediums as they were really poured. */
export const batches: Migration = {
  up: async (db: Kysely<unknown>) => {
    await stored(db, 'batch').execute()
  },
}
