import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { z } from 'zod'
import { minuteAt } from '../../core/plan/calendar.ts'
import { copyCopy, moveInto } from '../../store/copies.ts'
import { outlived } from './kept.ts'

/** Backups as files: one a day, called by its date, in a folder beside the studio and, where one is chosen, elsewhere. */

export interface BackupFile {
  /** "2026-11-28" */
  readonly date: string
  readonly bytes: number
  /** The minute it was made. */
  readonly at: string
}

export const backupsFolder = (data: string): string => join(data, 'backups')

const dated = /^(\d{4}-\d{2}-\d{2})\.sqlite$/

export const isBackupDate = (date: string): boolean => dated.test(`${date}.sqlite`)

export const backupFile = (folder: string, date: string): string => join(folder, `${date}.sqlite`)

/** The backups in a folder, newest first; none where it is not there. */
export function backupsIn(folder: string): readonly BackupFile[] {
  if (!existsSync(folder)) return []
  return readdirSync(folder)
    .flatMap((name) => dated.exec(name)?.[1] ?? [])
    .sort()
    .reverse()
    .map((date) => {
      const { size, mtime } = statSync(backupFile(folder, date))
      return { date, bytes: size, at: minuteAt(mtime) }
    })
}

/** Takes away what has had its time. */
export function dropOutlived(folder: string, today: string): void {
  const dates = backupsIn(folder).map(({ date }) => date)
  for (const date of outlived(dates, today)) rmSync(backupFile(folder, date), { force: true })
}

/** Brings what is missing or older in a place up to what is here: backups, and photographs. */
export function bringUp(data: string, place: string, today: string): void {
  mkdirSync(join(place, 'photos'), { recursive: true })
  const there = new Map(backupsIn(place).map(({ date, at }) => [date, at]))
  for (const { date, at } of backupsIn(backupsFolder(data)))
    if ((there.get(date) ?? '') < at) copyCopy(backupFile(backupsFolder(data), date), backupFile(place, date))
  dropOutlived(place, today)
  const photos = join(data, 'photos')
  const names = existsSync(photos) ? readdirSync(photos).filter((name) => name.endsWith('.jpg')) : []
  for (const name of names) {
    const to = join(place, 'photos', name)
    if (existsSync(to)) continue
    writeFileSync(`${to}.part`, readFileSync(join(photos, name)))
    moveInto(`${to}.part`, to)
  }
}

/** What this machine knows of its backups: it is not part of the studio, which may be put back to another day. */
const stateSchema = z.object({
  /** The newest event in the newest backup, and when that was made. */
  event: z.number().default(0),
  at: z.string().nullable().default(null),
  /** The folder they are copied to besides, and how far it has come. */
  place: z.string().nullable().default(null),
  placed: z.object({ event: z.number(), at: z.string() }).nullable().default(null),
  /** Why the last one could not be made. */
  problem: z.string().nullable().default(null),
})
export type BackupState = z.infer<typeof stateSchema>

const stateFile = (data: string): string => join(data, 'backups.json')

export function stateIn(data: string): BackupState {
  try {
    return stateSchema.parse(JSON.parse(readFileSync(stateFile(data), 'utf8')))
  } catch {
    return stateSchema.parse({})
  }
}

export function keepState(data: string, state: BackupState): void {
  writeFileSync(`${stateFile(data)}.part`, JSON.stringify(state))
  moveInto(`${stateFile(data)}.part`, stateFile(data))
}
