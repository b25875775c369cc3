import { createHash } from 'node:crypto'
import { accessSync, constants, readdirSync, statSync } from 'node:fs'
import { hostname } from 'node:os'
import { dirname, join } from 'node:path'

/**
 * Where backups may be copied to besides: what is plugged into this machine, and the folder GRELTA_BACKUPS names. A page
 * chooses one by its id; no path from a request reaches the file system.
 */

export interface Place {
  readonly id: string
  readonly path: string
  /** On the disk the studio is on: it does not help when that fails. */
  readonly isSameDisk: boolean
}

/** Where systems put what is plugged in, or a folder for each who works on the machine with it in there. */
const roots = ['/media', '/run/media', '/mnt', '/Volumes']

export const chosenByVariable = (): string | null => process.env['GRELTA_BACKUPS'] || null

/** The folder of this machine's backups in a place. */
export const folderIn = (place: string): string =>
  join(place, `grelta-backups-${hostname().replace(/[^\w-]+/g, '-')}`)

/** Every disk that is plugged in now and can be written to; the folders on one are not offered beside it. */
export function placesNow(dataFolder: string): readonly Place[] {
  const named = chosenByVariable()
  const disk = diskOf(dataFolder)
  const pluggedIn = roots
    .flatMap((root) => [...inside(root), ...inside(root).flatMap(inside)])
    .filter((path) => isWritable(path) && ![disk, diskOf(dirname(path))].includes(diskOf(path)))
  return [...new Set([...(named && isWritable(named) ? [named] : []), ...pluggedIn])].map((path) => ({
    id: createHash('sha256').update(path).digest('hex').slice(0, 12),
    path,
    isSameDisk: diskOf(path) === disk,
  }))
}

function inside(folder: string): readonly string[] {
  try {
    return readdirSync(folder, { withFileTypes: true })
      .filter((entry) => entry.isDirectory())
      .map(({ name }) => join(folder, name))
  } catch {
    return []
  }
}

/** The disk a folder is on; null: it has gone meanwhile. */
const diskOf = (path: string): number | null => statSync(path, { throwIfNoEntry: false })?.dev ?? null

function isWritable(path: string): boolean {
  try {
    accessSync(path, constants.W_OK)
    return statSync(path).isDirectory()
  } catch {
    return false
  }
}
