import type { Climate } from '../../core/cure/climate.ts'
import { referenceClimate, roomSpeed } from '../../core/cure/climate.ts'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import { extremesOf } from '../../core/room/extremes.ts'
import type { Extremes } from '../../core/room/extremes.ts'
import { climateOn } from '../../core/room/roomLog.ts'
import { defaultLimits } from '../../core/practice/limits.ts'
import { dewPointC } from '../../core/soundness/room.ts'
import { placeIn, placeOn } from '../../document/places.ts'
import type { RoomReadingDocument } from '../../document/room.ts'
import type { Revised } from '../../document/studio.ts'
import { openSummaries } from '../../store/assessments.ts'
import type { Database } from '../../store/database.ts'
import { readingsOf } from '../devices/roomLog.ts'
import { linesAtATime } from '../listPage.ts'
import type { ListPage } from '../listPage.ts'
import { roomsOf } from '../rooms.ts'
import { settingsOf } from '../settings.ts'

/** What the page of a place shows. */
export interface RoomPage {
  readonly placeId: string
  readonly name: string
  /** As the page says it: today, read or by its season. */
  readonly now: Climate & { readonly wasRead: boolean; readonly dewPointC: number }
  /** How many times as long everything takes there today as at 21 °C, 50 % and room light. */
  readonly slowness: number
  /** The last of what was read, oldest first. */
  readonly readings: readonly Revised<RoomReadingDocument>[]
  readonly count: number
  /** What is to be expected, week by week, for a year. */
  readonly expected: readonly (Climate & { readonly on: string })[]
  readonly extremes: Extremes
  /** The pictures whose wax is too hot there at some time of the year; null: none. */
  readonly softens: (Befallen & { readonly hottestC: number }) | null
  /** Those whose alkyd or acrylic is brittle there at some time of it. */
  readonly brittle: Befallen | null
  /** The unfinished pictures that stand there, a page of them. */
  readonly pictures: ListPage<RoomPicture>
}

/** Pictures that something befalls: how many, and the first of their titles. */
export interface Befallen {
  readonly count: number
  readonly titles: readonly string[]
}

/** An unfinished picture that stands there. */
export interface RoomPicture {
  readonly id: string
  readonly title: string
  readonly since: string | null
  /** The hottest room its wax bears, °C; null: it holds none. */
  readonly hottestC: number | null
  readonly turnsGlassy: boolean
}

const backDays = 400
const weeks = 53

/** What is asked of a place: its pictures by title, from one of them on. */
export interface RoomAsked {
  readonly text?: string
  readonly from?: number
}

export async function roomPage(
  db: Database,
  placeId: string,
  now: string,
  asked: RoomAsked = {},
): Promise<RoomPage> {
  const settings = await settingsOf(db)
  const rooms = await roomsOf(db, settings, now)
  const { id, name } = placeIn(settings, placeId)
  const place = rooms.placeOf(id)
  const today = dayOf(now)!
  const all = await readingsOf(db, id)
  const since = dateOf(today - backDays)
  const climate = climateOn(place, today)
  const extremes = extremesOf(place, today)
  const pictures = await picturesIn(db, id, now)
  return {
    placeId: id,
    name,
    now: {
      ...climate,
      wasRead: all.some(({ on }) => on === now.slice(0, 10)),
      dewPointC: dewPointC(climate),
    },
    slowness: 1 / (roomSpeed(climate).perDay / roomSpeed(referenceClimate).perDay),
    readings: all.filter(({ on }) => on >= since),
    count: all.length,
    expected: Array.from({ length: weeks }, (_, week) => {
      const day = Math.floor(today) + 7 * week
      return { on: dateOf(day), ...climateOn(place, day) }
    }),
    extremes,
    softens: softensIn(pictures, extremes),
    brittle: befallen(pictures.filter((one) => one.turnsGlassy && isBrittleAt(extremes.coldest))),
    pictures: pageOf(pictures, asked),
  }
}

/** A page of the unfinished pictures that stand in a place. */
export async function roomPictures(
  db: Database,
  placeId: string,
  now: string,
  asked: RoomAsked,
): Promise<ListPage<RoomPicture>> {
  const { id } = placeIn(await settingsOf(db), placeId)
  return pageOf(await picturesIn(db, id, now), asked)
}

async function picturesIn(db: Database, placeId: string, now: string): Promise<readonly RoomPicture[]> {
  const open = await openSummaries(db, dayOf(now)!)
  return open
    .filter(({ painting }) => placeOn(painting, now.slice(0, 10)) === placeId)
    .map(({ painting, summary: { hottestC, turnsGlassy } }) => ({
      id: painting.id,
      title: painting.title,
      since: painting.moves.findLast((move) => move.placeId === placeId)?.on ?? null,
      hottestC,
      turnsGlassy,
    }))
}

function pageOf(pictures: readonly RoomPicture[], { text = '', from = 0 }: RoomAsked): ListPage<RoomPicture> {
  const wanted = text.toLowerCase()
  const found = pictures.filter(({ title }) => title.toLowerCase().includes(wanted))
  return { count: found.length, entries: found.slice(from, from + linesAtATime) }
}

const mostNamed = 3

function befallen(pictures: readonly RoomPicture[]): Befallen | null {
  if (pictures.length === 0) return null
  return { count: pictures.length, titles: pictures.slice(0, mostNamed).map(({ title }) => title) }
}

const isBrittleAt = ({ temperatureC }: Climate): boolean => temperatureC < defaultLimits.coldPolymer.watch

/** The softest first. */
function softensIn(pictures: readonly RoomPicture[], { hottest }: Extremes): RoomPage['softens'] {
  const soft = pictures
    .flatMap((picture) => (picture.hottestC === null ? [] : [{ ...picture, hottestC: picture.hottestC }]))
    .filter(({ hottestC }) => hottest.temperatureC > hottestC)
    .sort((a, b) => a.hottestC - b.hottestC)
  const all = befallen(soft)
  return all && { ...all, hottestC: soft[0]!.hottestC }
}
