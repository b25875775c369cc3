import { closeSync, copyFileSync, existsSync, fsyncSync, openSync, renameSync, rmSync } from 'node:fs'
import { dirname, join } from 'node:path'
import SQLite from 'better-sqlite3'
import { databaseOver } from './database.ts'
import type { Database } from './database.ts'
import { failure, failureOf } from './failure.ts'
import { bringForward, checkKnown, connected, holdFolder, studioFile } from './open.ts'

/** Copies of the studio's file: made while it is written to, checked by opening them, and opened to look into them. */

/** What a copy holds, found by opening it. */
export interface CopyTold {
  /** The newest event in it. */
  readonly event: number
  /** When that was done; null while nothing was. */
  readonly at: string | null
  readonly paintings: number
}

/**
 * Copies the studio of a folder, as it is at one moment, to a file that is either whole or not there. Work goes on
 * meanwhile. Throws StudioFailure when the copy cannot be made or does not open.
 */
export function copyStudio(folder: string, to: string): CopyTold {
  const draft = `${to}.part`
  try {
    rmSync(draft, { force: true })
    const source = new SQLite(studioFile(folder), { readonly: true, fileMustExist: true, timeout: 2000 })
    try {
      source.prepare('vacuum into ?').run(draft)
    } finally {
      source.close()
    }
    const told = tellOf(draft)
    moveInto(draft, to)
    return told
  } catch (error) {
    rmSync(draft, { force: true })
    throw failureOf(error) ?? error
  }
}

/** Copies a copy, whole or not at all. */
export function copyCopy(from: string, to: string): void {
  const draft = `${to}.part`
  try {
    copyFileSync(from, draft)
    tellOf(draft)
    moveInto(draft, to)
  } catch (error) {
    rmSync(draft, { force: true })
    throw failureOf(error) ?? error
  }
}

/** Opens a copy, checks every page of it and tells what it holds. Throws StudioFailure when it is damaged. */
export function tellOf(file: string): CopyTold {
  try {
    const sqlite = new SQLite(file, { readonly: true, fileMustExist: true })
    try {
      if (sqlite.pragma('integrity_check(1)', { simple: true }) !== 'ok') throw failure('damaged')
      const last = sqlite.prepare('select id, at from event order by id desc limit 1').get() as
        { readonly id: number; readonly at: string } | undefined
      const paintings = sqlite.prepare('select count(*) from painting').pluck().get() as number
      return { event: last?.id ?? 0, at: last?.at ?? null, paintings }
    } finally {
      sqlite.close()
    }
  } catch (error) {
    throw failureOf(error) ?? failure('damaged', error)
  }
}

/** Puts a finished file in its place so that a power cut leaves the old one or the new one. */
export function moveInto(draft: string, to: string): void {
  synced(draft)
  renameSync(draft, to)
  synced(dirname(to))
}

function synced(path: string): void {
  const handle = openSync(path, 'r')
  try {
    fsyncSync(handle)
  } finally {
    closeSync(handle)
  }
}

/** A copy of another day, brought to today's form in a file of its own, to be looked into. */
export async function openCopy(
  file: string,
  scratch: string,
): Promise<{ readonly db: Database; readonly close: () => Promise<void> }> {
  copyFileSync(file, scratch)
  const sqlite = connected(scratch)
  const db = databaseOver(sqlite)
  const close = async (): Promise<void> => {
    await db.destroy()
    if (sqlite.open) sqlite.close()
    for (const ending of ['', '-wal', '-shm']) rmSync(scratch + ending, { force: true })
  }
  try {
    checkKnown(sqlite)
    await bringForward(sqlite)
    return { db, close }
  } catch (error) {
    await close()
    throw failureOf(error) ?? error
  }
}

/**
 * Puts a copy in the place of the studio of a folder that no program holds, whatever state that is in. What was there is
 * kept beside it under the name that is answered; a power cut leaves the old studio or the new one.
 */
export function putCopyBack(folder: string, copy: string, name: string): string {
  const hold = holdFolder(folder)
  const file = studioFile(folder)
  const kept = join(folder, name)
  const draft = join(folder, 'studio.restored')
  try {
    tellOf(copy)
    copyFileSync(copy, draft)
    for (const ending of ['', '-wal'])
      if (existsSync(file + ending)) copyFileSync(file + ending, kept + ending)
    for (const ending of ['-wal', '-shm']) rmSync(file + ending, { force: true })
    moveInto(draft, file)
    return kept
  } catch (error) {
    rmSync(draft, { force: true })
    throw failureOf(error) ?? error
  } finally {
    hold.close()
  }
}
