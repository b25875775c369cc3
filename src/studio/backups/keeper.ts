import { mkdirSync, existsSync } from 'node:fs'
import { dayOf } from '../../core/plan/calendar.ts'
import type { CopyTold } from '../../store/copies.ts'
import type { Database } from '../../store/database.ts'
import { failureOf } from '../../store/failure.ts'
import { lastEvent } from '../../store/history.ts'
import { backupFile, backupsFolder, backupsIn, dropOutlived, keepState, stateIn } from './files.ts'
import type { BackupState } from './files.ts'
import { chosenByVariable, folderIn } from './places.ts'

/** Makes backups by itself: one a day, made anew each hour in which something was done, and copied where it is told. */

/** The slow parts, which run in a thread. */
export interface Hands {
  readonly copy: (to: string) => Promise<CopyTold>
  readonly bringUp: (place: string, today: string) => Promise<void>
}

export interface Keeper {
  /** Makes what is due; never throws. */
  readonly look: () => Promise<void>
  /** Makes one now. Throws what it failed with. */
  readonly makeNow: () => Promise<void>
}

const hour = 1 / 24

export function backupKeeper(db: Database, data: string, hands: Hands, clock: () => string): Keeper {
  let turn: Promise<unknown> = Promise.resolve()
  /** One at a time; the next waits. */
  const inTurn = (work: () => Promise<void>): Promise<void> => {
    const mine = turn.then(work)
    turn = mine.catch(() => undefined)
    return mine
  }
  const change = (changed: Partial<BackupState>): void => keepState(data, { ...stateIn(data), ...changed })

  async function make(): Promise<void> {
    const now = clock()
    mkdirSync(backupsFolder(data), { recursive: true })
    const { event } = await hands.copy(backupFile(backupsFolder(data), now.slice(0, 10)))
    dropOutlived(backupsFolder(data), now.slice(0, 10))
    change({ event, at: now, problem: null })
  }

  async function copyOut(): Promise<void> {
    const place = placeOf(stateIn(data))
    const named = chosenByVariable()
    if (named && existsSync(named)) mkdirSync(folderIn(named), { recursive: true })
    const { event, placed } = stateIn(data)
    if (!place || !existsSync(place) || event === 0 || placed?.event === event) return
    await hands.bringUp(place, clock().slice(0, 10))
    change({ placed: { event, at: clock() } })
  }

  async function isDue(): Promise<boolean> {
    const { event, at } = stateIn(data)
    const newest = await lastEvent(db)
    const [last] = backupsIn(backupsFolder(data))
    if (newest === 0) return false
    if (!last || !at) return true
    return newest !== event && dayOf(clock())! - dayOf(at)! >= (last.date < clock().slice(0, 10) ? 0 : hour)
  }

  const told = (error: unknown): void => {
    const failure = failureOf(error)
    if (!failure) console.error(error)
    change({ problem: failure?.message ?? 'The backup could not be made; the reason is on the console.' })
  }

  return {
    look: () =>
      inTurn(async () => {
        if (await isDue()) await make()
        await copyOut()
      }).catch((error: unknown) => {
        try {
          told(error)
        } catch {
          console.error(error)
        }
      }),
    makeNow: () =>
      inTurn(async () => {
        await make()
        await copyOut()
      }),
  }
}

/** The folder backups are copied to besides, whether or not it is there now. */
export const placeOf = ({ place }: BackupState): string | null => {
  const chosen = chosenByVariable() ?? place
  return chosen && folderIn(chosen)
}
