import { existsSync, mkdirSync, statSync } from 'node:fs'
import { dateText } from '../../document/dateText.ts'
import type { Write } from '../commit.ts'
import { newPassing } from '../carrying/passing.ts'
import { beginJob } from '../jobs.ts'
import type { Tell } from '../jobs.ts'
import { gone, refused } from '../refused.ts'
import { afterWrite, backups, studioFolder } from '../studio.ts'
import { runTelling } from '../threads.ts'
import { backupFile, backupsFolder, backupsIn, isBackupDate, keepState, stateIn } from './files.ts'
import type { BackupFile } from './files.ts'
import { placeOf } from './keeper.ts'
import { chosenByVariable, folderIn, placesNow } from './places.ts'
import type { Place } from './places.ts'
import { previewOfRestore, restore } from './restore.ts'
import type { Difference, RestorePreview } from './restore.ts'

/** The backups as the painter sees them, and what can be done with them. */

export interface BackupEntry extends BackupFile {
  readonly isHere: boolean
  /** In the place they are copied to besides. */
  readonly isAway: boolean
}

export interface BackupsTold {
  readonly entries: readonly BackupEntry[]
  readonly folder: string
  /** Why the last one could not be made. */
  readonly problem: string | null
  /** The place they are copied to besides; null: none is chosen. */
  readonly place: {
    readonly path: string
    readonly isThere: boolean
    readonly isSameDisk: boolean
    /** When they were last copied there. */
    readonly at: string | null
    /** Named by GRELTA_BACKUPS, so that the page cannot change it. */
    readonly isFixed: boolean
  } | null
  /** What could be chosen now instead. */
  readonly places: readonly Place[]
}

export async function backupsTold(): Promise<BackupsTold> {
  const data = await studioFolder()
  const state = stateIn(data)
  const place = placeOf(state)
  const isThere = place !== null && existsSync(place)
  const here = backupsIn(backupsFolder(data))
  const away = isThere ? backupsIn(place) : []
  const known = new Map([...away, ...here].map((file) => [file.date, file]))
  const has = (files: readonly BackupFile[], date: string): boolean => files.some((one) => one.date === date)
  return {
    entries: [...known.values()]
      .sort((a, b) => b.date.localeCompare(a.date))
      .map((file) => ({ ...file, isHere: has(here, file.date), isAway: has(away, file.date) })),
    folder: backupsFolder(data),
    problem: state.problem,
    place:
      place === null
        ? null
        : {
            path: place,
            isThere,
            isSameDisk: isThere && statSync(place).dev === statSync(data).dev,
            at: state.placed?.at ?? null,
            isFixed: chosenByVariable() !== null,
          },
    places: placesNow(data).filter(({ path }) => !isThere || folderIn(path) !== place),
  }
}

export const beginBackup = () =>
  beginJob(async () => {
    await (await backups()).makeNow()
    return backupsTold()
  })

/** Chooses a place that is plugged in, by its id; null: none. The first copy is made at once. */
export async function choosePlace(id: string | null): Promise<BackupsTold> {
  const data = await studioFolder()
  if (chosenByVariable()) throw refused('GRELTA_BACKUPS names the folder. Change it there.')
  const place = placesNow(data).find((one) => one.id === id)
  if (id !== null && !place) throw refused('That is not plugged in any more. Plug it in and choose again.')
  if (place) mkdirSync(folderIn(place.path), { recursive: true })
  keepState(data, { ...stateIn(data), place: place?.path ?? null, placed: null })
  await (await backups()).look()
  return backupsTold()
}

/** Looks into the backup of a day: what would change if the studio were put back to it. */
export function beginLookingInto(date: string) {
  checkDate(date)
  return beginJob(async (tell, signal): Promise<RestorePreview> =>
    previewOfRestore(await differences(date, tell, signal)),
  )
}

/** Puts the studio back to the backup of a day, as one event that can be taken back. */
export function beginRestoring(write: Write, date: string) {
  checkDate(date)
  return beginJob(async (tell, signal) => {
    const written = await restore(write, dateText(date), await differences(date, tell, signal))
    await afterWrite()
    return written
  })
}

function checkDate(date: string): void {
  if (!isBackupDate(date)) throw gone('backup')
}

async function differences(date: string, tell: Tell, signal: AbortSignal): Promise<readonly Difference[]> {
  const data = await studioFolder()
  const place = placeOf(stateIn(data))
  const file = [backupsFolder(data), ...(place ? [place] : [])]
    .map((folder) => backupFile(folder, date))
    .find(existsSync)
  if (!file) throw gone('backup')
  const { file: scratch } = await newPassing()
  return runTelling('lookIntoBackup', { folder: data, file, scratch }, tell, signal)
}
