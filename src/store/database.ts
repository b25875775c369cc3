import { existsSync, mkdirSync } from 'node:fs'
import { homedir } from 'node:os'
import { join } from 'node:path'
import SQLite from 'better-sqlite3'
import { Kysely, Migrator, SqliteDialect } from 'kysely'
import type { Generated, Transaction } from 'kysely'
import { migrations } from './migrations/index.ts'

interface StoredRow {
  id: string
  revision: number
  body: string
}

export interface Tables {
  setting: StoredRow
  shelf_item: StoredRow
  batch: StoredRow
  medium: StoredRow
  painting: StoredRow
  layer: StoredRow & { parent_id: string }
  touch_test: StoredRow & { parent_id: string }
  event: { id: Generated<number>; at: string; painting_id: string | null; what: string; changes: string; undone_by: number | null }
}

export type Database = Kysely<Tables>
export type Trx = Transaction<Tables>

/** The folder everything is kept in: GRELTA_DATA, or .grelta in the painter's home. */
export const dataFolder = (): string => process.env['GRELTA_DATA'] ?? join(homedir(), '.grelta')

/**
 * Opens the studio's file, brings it to the newest schema and returns it. A copy is put beside it before any migration
 * of a file that holds something. What a write acknowledged survives a kill: WAL with full synchronisation.
 */
export async function openDatabase(folder: string = dataFolder()): Promise<Database> {
  mkdirSync(folder, { recursive: true })
  const file = join(folder, 'studio.sqlite')
  const isNew = !existsSync(file)
  const sqlite = new SQLite(file)
  sqlite.pragma('journal_mode = WAL')
  sqlite.pragma('synchronous = FULL')
  sqlite.pragma('foreign_keys = ON')
  sqlite.pragma('busy_timeout = 2000')
  const db = new Kysely<Tables>({ dialect: new SqliteDialect({ database: sqlite }) })
  const migrator = new Migrator({ db, provider: { getMigrations: () => Promise.resolve(migrations) } })
  const pending = (await migrator.getMigrations()).filter(({ executedAt }) => !executedAt)
  if (pending.length > 0) {
    if (!isNew) await sqlite.backup(join(folder, `studio-before-${pending[0]!.name}.sqlite`))
    const { error } = await migrator.migrateToLatest()
    if (error) throw new Error('The studio file could not be brought to the newest form. The copy made before is beside it.', { cause: error })
  }
  return db
}
