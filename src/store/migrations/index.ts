import type { Migration } from 'kysely'
import { first } from './0001-first.ts'

/** Forward only, in this order. A migration that has been released is never edited. */
export const migrations: Record<string, Migration> = { '0001-first': first }
