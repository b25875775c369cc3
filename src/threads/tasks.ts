import type { MessagePort } from 'node:worker_threads'
import SQLite from 'better-sqlite3'
import { kindNames } from '../document/kinds.ts'
import type { MediumDocument } from '../document/recipe.ts'
import type { ShelfItem } from '../document/shelf.ts'
import type { OwnTube } from '../document/tube.ts'
import { asideNow } from '../store/aside.ts'
import type { Aside } from '../store/aside.ts'
import type { Assessed } from '../store/assessments.ts'
import { databaseOver } from '../store/database.ts'
import type { Database } from '../store/database.ts'
import { copyStudio, openCopy } from '../store/copies.ts'
import type { CopyTold } from '../store/copies.ts'
import { failureOf } from '../store/failure.ts'
import type { StudioFailure } from '../store/failure.ts'
import { studioFile } from '../store/open.ts'
import { list, readRow, rowsOf } from '../store/records.ts'
import { bringUp } from '../studio/backups/files.ts'
import { differencesTo } from '../studio/backups/restore.ts'
import type { Difference } from '../studio/backups/restore.ts'
import { previewOf } from '../studio/carrying/bringIn.ts'
import type { Preview } from '../studio/carrying/bringIn.ts'
import type { Tell } from '../studio/jobs.ts'
import { takeOut } from '../studio/carrying/takeOut.ts'
import type { TakenOut } from '../studio/carrying/takeOut.ts'
import { Refused } from '../studio/refused.ts'
import { calendarEntries } from '../studio/lists/calendar.ts'
import type { CalendarEntry } from '../studio/lists/calendar.ts'
import { Invalid } from '../studio/computing/compute.ts'
import { compute } from '../studio/computing/computeTask.ts'
import type { Issue } from '../studio/computing/compute.ts'
import type { ComputeTask } from '../studio/computing/computeTask.ts'
import { consequencesOf } from '../studio/consequences.ts'
import type { Consequences } from '../studio/consequences.ts'
import { judge as judgeNow } from '../studio/judge.ts'
import { learnFromAll } from '../studio/learning.ts'
import type { StudioLearnt } from '../studio/learning.ts'
import { dayOf } from '../core/plan/calendar.ts'
import type { StateId } from '../core/cure/states.ts'
import type { KnownPiece } from '../document/pieces/score.ts'
import { piecesJudged } from '../studio/practising.ts'
import { paintingPromise } from '../studio/promises.ts'
import type { PaintingPromise } from '../studio/promises.ts'
import { letterOf, sheetOf } from '../studio/handOver.ts'
import { insidePage, moreInside } from '../studio/lists/inside.ts'
import type { InsideGroup, InsidePage, LookedThrough } from '../studio/lists/inside.ts'
import type { ListPage } from '../studio/listPage.ts'
import type { PolicyId } from '../core/materials/policy.ts'
import { rackOf } from '../studio/lists/rack.ts'
import type { Rack, RackAsked } from '../studio/lists/rack.ts'
import { readingsFromCsv } from '../studio/readings.ts'
import { tubesFromCsv } from '../studio/csv/tubeCsv.ts'
import { recipeBook, recipesFromCsv } from '../studio/csv/recipesCsv.ts'
import { shelfFromCsv } from '../studio/csv/shelfCsv.ts'
import { readerOf } from '../writing/readerOf.ts'
import type { Writing } from '../writing/writing.ts'

/** What is too slow for the thread that answers. Each task runs in a worker thread with a connection that only reads. */

let reading: { readonly folder: string; readonly db: Database } | null = null

/** The studio's file, opened once a thread. */
function opened(folder: string): Database {
  if (reading?.folder !== folder) {
    void reading?.db.destroy()
    const sqlite = new SQLite(studioFile(folder), { readonly: true, fileMustExist: true, timeout: 2000 })
    reading = { folder, db: databaseOver(sqlite) }
  }
  return reading.db
}

export const judge = ({
  folder,
  ids,
  now,
}: {
  folder: string
  ids: readonly string[]
  now: string
}): Promise<readonly Assessed[]> => judgeNow(opened(folder), ids, now)

export const learn = ({ folder, now }: { folder: string; now: string }): Promise<StudioLearnt> =>
  learnFromAll(opened(folder), now)

export const rack = ({
  folder,
  now,
  asked,
}: {
  folder: string
  now: string
  asked: RackAsked
}): Promise<Rack> => rackOf(opened(folder), now, asked)

export const inside = ({
  folder,
  now,
  wanted,
}: {
  folder: string
  now: string
  wanted: readonly PolicyId[]
}): Promise<InsidePage> => insidePage(opened(folder), now, wanted)

export const insideFrom = ({
  folder,
  now,
  wanted,
  group,
  from,
}: {
  folder: string
  now: string
  wanted: readonly PolicyId[]
  group: InsideGroup
  from: number
}): Promise<ListPage<LookedThrough>> => moreInside(opened(folder), now, wanted, group, from)

export const promise = ({
  folder,
  now,
  id,
  on,
  needs,
  lever,
}: {
  folder: string
  now: string
  id: string
  on: string | null
  needs: StateId | null
  lever: string | null
}): Promise<Answer<PaintingPromise>> =>
  answered(() => paintingPromise(opened(folder), id, now, { on, needs, lever }))

export const consequences = ({
  folder,
  now,
  mediumId,
  recipe,
}: {
  folder: string
  now: string
  mediumId: string
  recipe: MediumDocument['recipe']
}): Promise<Consequences> => consequencesOf(opened(folder), now, mediumId, recipe)

export const calendar = ({
  folder,
  now,
}: {
  folder: string
  now: string
}): Promise<readonly CalendarEntry[]> => calendarEntries(opened(folder), now)

/** A paper that goes with a painting; `address` opens its record. */
interface PaperAsked {
  readonly folder: string
  readonly now: string
  readonly id: string
  readonly address: string
  readonly writing: Writing
}

export const letter = ({ folder, now, id, address, writing }: PaperAsked): Promise<Answer<Uint8Array>> =>
  answered(() => inWritingOf(writing, () => letterOf(opened(folder), id, now, address)))

export const conservatorSheet = ({
  folder,
  now,
  id,
  address,
  writing,
}: PaperAsked): Promise<Answer<Uint8Array>> =>
  answered(() => inWritingOf(writing, () => sheetOf(opened(folder), id, now, address)))

/** What is told here is for this reader: a thread has one task at a time. */
async function inWritingOf<Told>(writing: Writing, tell: () => Promise<Told>): Promise<Told> {
  globalThis.greltaReader = readerOf(writing)
  try {
    return await tell()
  } finally {
    globalThis.greltaReader = undefined
  }
}

/** Reads everything stored once, a little of it in memory at a time, and tells what cannot be read. */
export async function check({ folder }: { folder: string }): Promise<readonly Aside[]> {
  for (const kind of kindNames) for await (const row of rowsOf(opened(folder), kind)) readRow(kind, row)
  return asideNow()
}

/** A refusal does not keep its class between threads, so it travels as a value. */
export type Answer<Value> =
  | { readonly ok: true; readonly value: Value }
  | {
      readonly ok: false
      readonly issues: readonly Issue[]
      /** The disk or the studio's file failed, rather than what was sent. */
      readonly failure?: Pick<StudioFailure, 'code' | 'message'>
    }

async function answered<Value>(make: () => Value | Promise<Value>): Promise<Answer<Value>> {
  try {
    return { ok: true, value: await make() }
  } catch (error) {
    if (error instanceof Invalid) return { ok: false, issues: error.issues }
    if (error instanceof Refused) return { ok: false, issues: [{ path: [], message: error.message }] }
    const failure = failureOf(error)
    if (!failure) throw error
    const { code, message } = failure
    return { ok: false, issues: [], failure: { code, message } }
  }
}

export const calculate = (task: ComputeTask): Promise<Answer<unknown>> => answered(() => compute(task))

/** Tubes from a CSV; what the studio has of them already is kept. */
export const readTubes = ({
  folder,
  csv,
}: {
  folder: string
  csv: string
}): Promise<Answer<readonly OwnTube[]>> =>
  answered(async () => {
    const db = opened(folder)
    const known = new Map((await list(db, 'tube')).map(({ revision: _seen, ...tube }) => [tube.id, tube]))
    const own = new Set((await list(db, 'shelf_item')).map(({ id }) => id))
    return tubesFromCsv(csv, known, (id) => own.has(id))
  })

export const readRecipes = ({
  folder,
  csv,
}: {
  folder: string
  csv: string
}): Promise<Answer<readonly MediumDocument[]>> =>
  answered(async () => recipesFromCsv(csv, await recipeBook(opened(folder))))

export const readRoom = ({ csv, placeId, now }: { csv: string; placeId: string; now: string }) =>
  answered(() => readingsFromCsv(csv, placeId, dayOf(now)!))

export const readCsv = ({ csv }: { csv: string }): Promise<Answer<readonly ShelfItem[]>> =>
  answered(() => shelfFromCsv(csv))

interface Telling {
  readonly folder: string
  readonly file: string
  readonly port: MessagePort
}
const teller =
  (port: MessagePort): Tell =>
  (done, of) =>
    port.postMessage([done, of])

/** Writes the whole studio into a file. */
export const takeStudioOut = ({
  folder,
  file,
  port,
  withPhotographs,
}: Telling & { withPhotographs: boolean }): Promise<Answer<TakenOut>> =>
  answered(() => takeOut({ db: opened(folder), folder }, file, withPhotographs, teller(port)))

/** Looks through a studio file that came in. */
export const previewStudio = ({ folder, file, port }: Telling): Promise<Answer<Preview>> =>
  answered(() => previewOf(opened(folder), file, teller(port)))

/** Copies the studio, checked, to a file. */
export const backUp = ({ folder, to }: { folder: string; to: string }): Promise<Answer<CopyTold>> =>
  answered(() => copyStudio(folder, to))

/** Brings the backups in another place up to those here. */
export const bringBackupsUp = (given: {
  folder: string
  place: string
  today: string
}): Promise<Answer<null>> =>
  answered(() => {
    bringUp(given.folder, given.place, given.today)
    return null
  })

/** How the studio differs from a backup; `scratch` is where the backup is opened. */
export const lookIntoBackup = ({
  folder,
  file,
  scratch,
  port,
}: Telling & { scratch: string }): Promise<Answer<readonly Difference[]>> =>
  answered(async () => {
    const copy = await openCopy(file, scratch)
    try {
      return await differencesTo(opened(folder), copy.db, teller(port))
    } finally {
      await copy.close()
    }
  })

/** What is wrong with each practice piece that comes with the program. */
export const judgePieces = ({ now }: { now: string }): readonly KnownPiece[] => piecesJudged(now)
