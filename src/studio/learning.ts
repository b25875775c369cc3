import { sayingInstead } from '../core/learn/instead.ts'
import type { Interval } from '../core/learn/interval.ts'
import { learn, nothingLearnt } from '../core/learn/learn.ts'
import type { Learnt } from '../core/learn/learn.ts'
import { grouped } from '../document/grouped.ts'
import type { PictureLearnt } from '../document/picture/learnt.ts'
import { laidSwatch, triedSwatch } from '../document/judging/swatchFilm.ts'
import { intervalsOf } from '../document/judging/tried.ts'
import type { TriedFilm } from '../document/judging/tried.ts'
import { askUnfinished } from '../store/assessments.ts'
import type { Database } from '../store/database.ts'
import { allTried, keepKnown, knownOf } from '../store/known.ts'
import { list } from '../store/records.ts'
import { roomsOf } from './rooms.ts'
import { settingsOf } from './settings.ts'

/** What a studio's checks have taught it, and the films they were made on. */
export interface StudioLearnt {
  readonly learnt: Learnt
  readonly films: readonly TriedFilm[]
}

export const learntOf = async (db: Database): Promise<Learnt> =>
  (await knownOf<Learnt>(db, 'learnt')) ?? nothingLearnt

const filmsOf = async (db: Database): Promise<readonly TriedFilm[]> =>
  (await knownOf<readonly TriedFilm[]>(db, 'films')) ?? []

/** Reckons anew what all checks teach, on layers and on swatches. A tenth of a second with thousands: for a worker. */
export async function learnFromAll(db: Database, now: string): Promise<StudioLearnt> {
  const settings = await settingsOf(db)
  const rooms = await roomsOf(db, settings, now)
  const swatches = (await list(db, 'swatch')).flatMap((swatch) => {
    const laid = laidSwatch(swatch, rooms.roomIn(swatch.placeId), settings.climate)
    return (laid && triedSwatch(laid)) ?? []
  })
  const films = [...(await allTried<TriedFilm>(db)), ...swatches]
  return { films, learnt: learnFrom(films) }
}

/** What these films teach together. */
const learnFrom = (films: readonly TriedFilm[]): Learnt => rounded(learn(films.flatMap(intervalsOf)))

/** What they would teach had some of them, by their place, another thing to tell. */
export function learntInstead({
  films,
  learnt,
}: StudioLearnt): (instead: ReadonlyMap<number, readonly Interval[]>) => Learnt {
  const learntWith = sayingInstead(films.map(intervalsOf), learnt)
  return (instead) => rounded(learntWith(instead))
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
export const keepLearnt = (db: Database, { learnt, films }: StudioLearnt, today: number): Promise<void> =>
  db.transaction().execute(async (trx) => {
    const before = (await knownOf<Learnt>(trx, 'learnt')) ?? nothingLearnt
    await keepKnown(trx, 'learning', false)
    await keepKnown(trx, 'films', films)
    if (!differs(before, learnt)) return
    await keepKnown(trx, 'learnt', learnt)
    await askUnfinished(trx, today)
  })

function differs(before: Learnt, now: Learnt): boolean {
  if (before.names.join() !== now.names.join()) return true
  const moved = (a: number, b: number): boolean => Math.abs(a - b) > noticeable
  const sdOf = ({ covariance }: Learnt, at: number): number => Math.sqrt(covariance[at]![at]!)
  return now.ln.some((ln, at) => moved(ln, before.ln[at]!) || moved(sdOf(now, at), sdOf(before, at)))
}

/** With more films than this, the checks on one of them make no difference to what the others say. */
const mostToLeaveOut = 300

/** What a studio has learnt, and of tested films what all other checks say. */
export async function learntFor(db: Database, testedIds: readonly string[]): Promise<PictureLearnt> {
  const all = await learntOf(db)
  const films = all.names.length > 0 && testedIds.length > 0 ? await filmsOf(db) : []
  return learntBeside({ learnt: all, films }, testedIds)
}

export function learntBeside(known: StudioLearnt, testedIds: readonly string[]): PictureLearnt {
  const { learnt, films } = known
  const places = grouped([...films.keys()], (at) => films[at]!.of)
  const tested = films.length > mostToLeaveOut ? [] : testedIds.filter((id) => places.has(id))
  const learntWith = learntInstead(known)
  const withoutOwn = tested.map((id) => {
    const left = places.get(id)!.map((at) => [at, []] as const)
    return [id, learntWith(new Map(left))] as const
  })
  return { all: learnt, withoutOwn: Object.fromEntries(withoutOwn) }
}
