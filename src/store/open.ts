import { closeSync, existsSync, mkdirSync, openSync, renameSync, rmSync, statSync } from 'node:fs'
import { homedir } from 'node:os'
import { join } from 'node:path'
import SQLite from 'better-sqlite3'
import { Migrator } from 'kysely'
import { databaseOver } from './database.ts'
import type { Database, OnQuery } from './database.ts'
import { deriveAll, derivedVersion } from './derived.ts'
import { failure, failureOf, StudioFailure } from './failure.ts'
import { migrations } from './migrations/index.ts'

/** An open studio: its file, held by this program alone until it is closed. */
export interface OpenStudio {
  readonly db: Database
  readonly folder: string
  /** Puts everything into the one file, so that a copy of that file is a copy of the studio. */
  readonly settle: () => void
  readonly close: () => Promise<void>
}

/** The folder everything is kept in: GRELTA_DATA, or .grelta in the painter's home. */
export const dataFolder = (): string => process.env['GRELTA_DATA'] ?? join(homedir(), '.grelta')

export const studioFile = (folder: string): string => join(folder, 'studio.sqlite')

/**
 * Opens the studio in a folder, makes it where there is none, checks it and brings it to the newest form. A copy is put
 * beside it before it is changed; a kill at any moment leaves the file as it was or as it will be.
 * Throws StudioFailure: held by another program, damaged, newer than this program, or not to be written to.
 */
export async function openStudio(folder = dataFolder(), onQuery?: OnQuery): Promise<OpenStudio> {
  makeFolder(folder)
  const hold = holdFolder(folder)
  try {
    if (!existsSync(studioFile(folder))) await makeStudio(folder)
    const sqlite = await openChecked(folder)
    const close = async (db: Database): Promise<void> => {
      settle(sqlite)
      await db.destroy()
      if (sqlite.open) sqlite.close()
      hold.close()
    }
    const db = databaseOver(sqlite, onQuery)
    return { db, folder, settle: () => settle(sqlite), close: () => close(db) }
  } catch (error) {
    hold.close()
    throw failureOf(error) ?? error
  }
}

function makeFolder(folder: string): void {
  try {
    mkdirSync(folder, { recursive: true })
    closeSync(openSync(join(folder, 'studio.lock'), 'a'))
  } catch (error) {
    const known = failureOf(error)
    if (known?.code === 'disk-full') throw known
    const message = `The folder ${folder} cannot be used: it cannot be made or written to. Nothing is lost. Choose another with GRELTA_DATA, or give this program the right to write there.`
    throw new StudioFailure('no-folder', message, { cause: error })
  }
}

/** A file beside the studio's that the operating system lets one program lock; it is let go however that one ends. */
export function holdFolder(folder: string): SQLite.Database {
  const hold = new SQLite(join(folder, 'studio.lock'), { timeout: 200 })
  try {
    hold.pragma('journal_mode = MEMORY')
    hold.exec('begin exclusive')
    return hold
  } catch (error) {
    hold.close()
    throw failureOf(error) ?? error
  }
}

/** A new studio is made under another name and moved into place whole. */
async function makeStudio(folder: string): Promise<void> {
  const draft = join(folder, 'studio.new')
  for (const name of [draft, `${draft}-wal`, `${draft}-shm`, `${draft}-journal`])
    rmSync(name, { force: true })
  const sqlite = connected(draft)
  await bringForward(sqlite)
  settle(sqlite)
  sqlite.close()
  renameSync(draft, studioFile(folder))
}

/** Opens a file as every studio is opened. */
export function connected(file: string): SQLite.Database {
  const sqlite = new SQLite(file)
  sqlite.pragma('journal_mode = WAL')
  sqlite.pragma('synchronous = FULL')
  sqlite.pragma('foreign_keys = ON')
  sqlite.pragma('busy_timeout = 2000')
  return sqlite
}

async function openChecked(folder: string): Promise<SQLite.Database> {
  const file = studioFile(folder)
  if (statSync(file).size === 0)
    throw new StudioFailure(
      'damaged',
      `The studio’s file ${file} holds nothing (0 bytes), so it was not opened. Put a backup in its place with grelta restore and its day; to begin an empty studio instead, move this file away.`,
    )
  const sqlite = connected(file)
  try {
    const names = checkKnown(sqlite)
    if (sqlite.pragma('quick_check(1)', { simple: true }) !== 'ok') throw failure('damaged')
    const pending = Object.keys(migrations).filter((name) => !names.includes(name))
    if (pending.length > 0) await sqlite.backup(join(folder, `studio-before-${pending[0]!}.sqlite`))
    await bringForward(sqlite)
    return sqlite
  } catch (error) {
    sqlite.close()
    throw error
  }
}

/** The migrations a file has been through. Throws StudioFailure when this program does not know one of them. */
export function checkKnown(sqlite: SQLite.Database): readonly string[] {
  const names = appliedIn(sqlite)
  const strange = names.find((name) => !(name in migrations))
  if (strange)
    throw new StudioFailure(
      'newer',
      'This studio was last opened by a newer Grelta, and an older one would lose what is new in it. Nothing was changed. Start the newer program, or use another folder.',
    )
  return names
}

function appliedIn(sqlite: SQLite.Database): readonly string[] {
  const known = sqlite.prepare("select 1 from sqlite_master where name = 'kysely_migration'").get()
  if (!known) return []
  return sqlite.prepare('select name from kysely_migration').pluck().all() as string[]
}

/** All that is pending, and what is derived from it, in one transaction; it also proves that the file can be written. */
export async function bringForward(sqlite: SQLite.Database): Promise<void> {
  const db = databaseOver(sqlite)
  const migrator = new Migrator({ db, provider: { getMigrations: () => Promise.resolve(migrations) } })
  sqlite.exec('begin immediate')
  try {
    const { error } = await migrator.migrateToLatest()
    if (error instanceof Error) throw error
    if (sqlite.pragma('user_version', { simple: true }) !== derivedVersion) await deriveAll(db)
    sqlite.pragma(`user_version = ${derivedVersion}`)
    sqlite.exec('commit')
  } catch (error) {
    if (sqlite.inTransaction) sqlite.exec('rollback')
    throw (
      failureOf(error) ??
      new StudioFailure(
        'upgrade',
        'The studio’s file could not be brought to the newest form. It is as it was before, and nothing is lost. The reason is on the console.',
        { cause: error },
      )
    )
  }
}

function settle(sqlite: SQLite.Database): void {
  if (sqlite.open && !sqlite.inTransaction) sqlite.pragma('wal_checkpoint(TRUNCATE)')
}
