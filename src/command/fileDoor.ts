import { existsSync } from 'node:fs'
import { basename } from 'node:path'
import { kinds, kindNames } from '../document/kinds.ts'
import { asideNow } from '../store/aside.ts'
import { copyStudio, putCopyBack } from '../store/copies.ts'
import { keepKnown } from '../store/known.ts'
import { dataFolder, openStudio } from '../store/open.ts'
import { list } from '../store/records.ts'
import { bringIn, previewOf } from '../studio/carrying/bringIn.ts'
import { takeOut } from '../studio/carrying/takeOut.ts'
import { backupFile, backupsFolder, backupsIn, bringUp } from '../studio/backups/files.ts'
import { backupKeeper } from '../studio/backups/keeper.ts'
import { refused } from '../studio/refused.ts'
import { nowMinute } from '../studio/studio.ts'
import type { Door } from './door.ts'

const quietly = (): void => undefined

/** The studio's file itself. Throws StudioFailure when a program holds it, or it cannot be opened. */
export async function fileDoor(): Promise<Door> {
  const { db, folder, close } = await openStudio()
  return {
    takeOut: async (file, withPhotographs) => {
      const { event, photographs } = await takeOut({ db, folder }, file, withPhotographs, quietly)
      await keepKnown(db, 'carried', event)
      return photographs
    },
    look: (file) => previewOf(db, file, quietly),
    bringIn: async (file, choice) => {
      const { what } = await bringIn({ db, at: nowMinute() }, file, choice, quietly)
      return what
    },
    check: async () => {
      for (const kind of kindNames) await list(db, kind)
      const aside = asideNow().map(({ kind, id, why }) => ({ word: kinds[kind].word, id, why }))
      return { aside, backups: backupsIn(backupsFolder(folder)) }
    },
    backUp: async () => {
      const hands = {
        copy: (to: string) => Promise.resolve(copyStudio(folder, to)),
        bringUp: (place: string, today: string) => Promise.resolve(bringUp(folder, place, today)),
      }
      await backupKeeper(db, folder, hands, nowMinute).makeNow()
      return backupFile(backupsFolder(folder), backupsIn(backupsFolder(folder))[0]!.date)
    },
    putBack: async (date) => {
      await close()
      return putBackFile(date)
    },
    close,
  }
}

/** Puts a backup in the place of the file, whatever state that is in: it is not opened for this. */
export function putBackFile(date: string): string {
  const folder = dataFolder()
  const copy = backupFile(backupsFolder(folder), date)
  if (!existsSync(copy)) throw refused(noBackup(date, folder))
  const name = `studio-before-restore-${nowMinute().replaceAll(':', '')}.sqlite`
  const kept = putCopyBack(folder, copy, name)
  return `The studio is as it was in the backup of ${date}. What was there before is kept as ${basename(kept)} beside it.`
}

function noBackup(date: string, folder: string): string {
  const dates = backupsIn(backupsFolder(folder)).map((one) => one.date)
  return dates.length > 0
    ? `There is no backup of ${date}. There are: ${dates.join(', ')}.`
    : `There is no backup in ${backupsFolder(folder)}.`
}
