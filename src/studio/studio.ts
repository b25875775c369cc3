import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { minuteAt } from '../core/plan/calendar.ts'
import { forgetAllAside, setAside } from '../store/aside.ts'
import { lastEvent } from '../store/history.ts'
import { openStudio } from '../store/open.ts'
import type { Database } from '../store/database.ts'
import type { OpenStudio } from '../store/open.ts'
import { backupKeeper } from './backups/keeper.ts'
import type { Keeper } from './backups/keeper.ts'
import { clearPassing } from './carrying/passing.ts'
import { judging } from './judging.ts'
import type { Judging } from './judging.ts'
import { endThreads, runTask, valueOf } from './threads.ts'

interface Running extends OpenStudio {
  readonly judging: Judging
  readonly backups: Keeper
  /** Over once all that is stored has been looked through for what cannot be read. */
  readonly looked: Promise<void>
}

let opening: Promise<Running> | null = null
let toBegin: ReturnType<typeof setTimeout> | undefined
let toSettle: ReturnType<typeof setTimeout> | undefined
let hasBegun = false

/** The studio of this process: opened, checked and brought to the newest form the first time it is asked for. */
const running = (): Promise<Running> =>
  (opening ??= start().catch((error: unknown) => {
    opening = null
    throw error
  }))

async function start(): Promise<Running> {
  const opened = await openStudio()
  await clearPassing()
  tellWhereItAnswers(opened.folder)
  const background = judging(
    opened.db,
    {
      judge: (ids, now) => runTask('judge', { folder: opened.folder, ids, now }),
      learn: (now) => runTask('learn', { folder: opened.folder, now }),
    },
    nowMinute,
  )
  const looked = runTask('check', { folder: opened.folder })
    .then((all) => all.forEach(({ kind, id, why }) => setAside(kind, id, why)))
    .catch((error: unknown) => console.error('The check of what is stored did not end.', error))
  beginProgram()
  return { ...opened, judging: background, backups: keptBackedUp(opened), looked }
}

/** With the first studio it opens, this program listens to what is said from outside and looks to its backups. */
function beginProgram(): void {
  if (hasBegun) return
  hasBegun = true
  for (const signal of ['SIGINT', 'SIGTERM'] as const) process.once(signal, () => void closeAndExit())
  if (process.send && process.env['GRELTA_ADDRESS'])
    process.on('message', (folder: string) => void openInstead(folder).catch(giveUp))
  const look = async (): Promise<void> => (await backups()).look()
  setTimeout(() => void look(), firstBackupMs).unref()
  setInterval(() => void look(), backupEveryMs).unref()
}

/** Beside the studio, for `grelta` on the command line: it asks there while this program holds the folder. */
function tellWhereItAnswers(folder: string): void {
  const address = process.env['GRELTA_ADDRESS']
  if (address) writeFileSync(join(folder, 'serving.json'), JSON.stringify({ address }))
}

/** So long after the start the first backup is looked to, and then every so often. */
const firstBackupMs = 20_000
const backupEveryMs = 5 * 60_000

const keptBackedUp = ({ db, folder }: OpenStudio): Keeper =>
  backupKeeper(
    db,
    folder,
    {
      copy: async (to) => valueOf(await runTask('backUp', { folder, to })),
      bringUp: async (place, today) => {
        valueOf(await runTask('bringBackupsUp', { folder, place, today }))
      },
    },
    nowMinute,
  )

export const backups = async (): Promise<Keeper> => (await running()).backups

export const studio = async (): Promise<Database> => (await running()).db

/** The newest event when a page began to be made: what it need not be told again. */
export const newestEvent = async (): Promise<number> => lastEvent(await studio())

export const studioFolder = async (): Promise<string> => (await running()).folder

/** So long after the last write judging begins, so that one write after another is not held up. */
const breathMs = 250
/** So long after the last write everything is put into the one file. */
const quietMs = 1500

/** After a write: judges what it bears upon, and, once there is a pause, puts everything into the one file. */
export async function afterWrite(): Promise<void> {
  const { judging: background, settle } = await running()
  clearTimeout(toBegin)
  toBegin = setTimeout(background.begin, breathMs)
  clearTimeout(toSettle)
  toSettle = setTimeout(settle, quietMs)
  toSettle.unref()
}

/** A page waits so long, ms, for what was just written to be judged; then it shows what is known and says so. */
export const momentsPatience = 120

/** How many paintings are still being judged, after waiting a moment for them. */
export const stillToJudge = async (patienceMs: number): Promise<number> =>
  (await running()).judging.settled(patienceMs)

/** The minute now, in the studio's own time. */
export const nowMinute = (): string => minuteAt(new Date())

/**
 * The studio of another folder in this one's place, once nothing is under way; answers its folder when it is open. For
 * the tests, each of which has a studio of its own and not a program (test/server.ts).
 */
async function openInstead(folder: string): Promise<void> {
  const { judging: background, looked, close } = await running()
  await looked
  while ((await background.settled(momentsPatience)) > 0);
  for (const timer of [toBegin, toSettle]) clearTimeout(timer)
  opening = null
  forgetAllAside()
  await close()
  process.env['GRELTA_DATA'] = folder
  await running()
  process.send!(folder)
}

/** As when the first studio cannot be opened (scripts/serve.mjs). */
function giveUp(error: unknown): void {
  console.error(error)
  process.exit(1)
}

async function closeAndExit(): Promise<void> {
  await endThreads()
  await (await opening)?.close()
  process.exit(0)
}
