import { learn, nothingLearnt } from '../core/learn/learn.ts'
import type { Learnt } from '../core/learn/learn.ts'
import type { PictureLearnt } from '../document/learnt.ts'
import type { Observed } from '../document/observed.ts'
import { observedOfSwatch, swatchFilm } from '../document/swatchFilm.ts'
import { askUnfinished } from '../store/assessments.ts'
import type { Database } from '../store/database.ts'
import { allObserved, keepKnown, knownOf } from '../store/known.ts'
import { list } from '../store/records.ts'
import { roomsOf } from './rooms.ts'
import { settingsOf } from './settings.ts'

/** What a studio's checks have taught it, and what each of them said. */
export interface StudioLearnt {
  readonly learnt: Learnt
  readonly intervals: readonly Observed[]
}

export const learntOf = async (db: Database): Promise<Learnt> =>
  (await knownOf<Learnt>(db, 'learnt')) ?? nothingLearnt

export const intervalsOf = async (db: Database): Promise<readonly Observed[]> =>
  (await knownOf<readonly Observed[]>(db, 'intervals')) ?? []

/** Reckons anew what all checks teach, on layers and on swatches. A tenth of a second with thousands: for a worker. */
export async function learnFromAll(db: Database, now: string): Promise<StudioLearnt> {
  const settings = await settingsOf(db)
  const rooms = await roomsOf(db, settings, now)
  const swatches = (await list(db, 'swatch')).flatMap((swatch) => {
    const room = rooms.roomIn(swatch.placeId)
    const made = swatchFilm(swatch, { room, climate: settings.climate, learnt: null })
    return made ? observedOfSwatch(swatch, made, room) : []
  })
  const intervals = [...(await allObserved<Observed>(db)), ...swatches]
  return { intervals, learnt: rounded(learn(intervals)) }
}

const rounded = ({ names, ln, covariance }: Learnt): Learnt => ({
  names,
  ln: ln.map(toFigures),
  covariance: covariance.map((row) => row.map(toFigures)),
})

const toFigures = (value: number): number => Number(value.toPrecision(5))

/** So little of a change in what is learnt moves no date worth telling, ln of time. */
const noticeable = 0.005

/** Keeps what was learnt; where it moves dates, asks for the unfinished paintings to be judged again. */
export const keepLearnt = (db: Database, { learnt, intervals }: StudioLearnt, today: number): Promise<void> =>
  db.transaction().execute(async (trx) => {
    const before = (await knownOf<Learnt>(trx, 'learnt')) ?? nothingLearnt
    await keepKnown(trx, 'learning', false)
    await keepKnown(trx, 'intervals', intervals)
    if (!differs(before, learnt)) return
    await keepKnown(trx, 'learnt', learnt)
    await askUnfinished(trx, today)
  })

function differs(before: Learnt, now: Learnt): boolean {
  if (before.names.join() !== now.names.join()) return true
  return now.ln.some(
    (ln, at) =>
      Math.abs(ln - before.ln[at]!) > noticeable ||
      Math.abs(Math.sqrt(now.covariance[at]![at]!) - Math.sqrt(before.covariance[at]![at]!)) > noticeable,
  )
}

/** With more checks than this, those of one film make no difference to what the others say. */
const mostToLeaveOut = 500

/** What a studio has learnt, and of tested layers what all other checks say. */
export async function learntFor(db: Database, testedIds: readonly string[]): Promise<PictureLearnt> {
  const all = await learntOf(db)
  const intervals = all.names.length > 0 && testedIds.length > 0 ? await intervalsOf(db) : []
  const tested = testedIds.filter((id) => intervals.some(({ of }) => of === id))
  const withoutOwn = Object.fromEntries(
    tested.map((id) => [id, intervals.length > mostToLeaveOut ? all : withoutThoseOf(id, intervals, all)]),
  )
  return { all, withoutOwn }
}

const withoutThoseOf = (id: string, intervals: readonly Observed[], all: Learnt): Learnt =>
  rounded(
    learn(
      intervals.filter(({ of }) => of !== id),
      all,
    ),
  )
