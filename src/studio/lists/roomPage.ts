import type { Climate } from '../../core/cure/climate.ts'
import { referenceClimate, roomSpeed } from '../../core/cure/climate.ts'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import { extremesOf } from '../../core/room/extremes.ts'
import type { Extremes } from '../../core/room/extremes.ts'
import { climateOn } from '../../core/room/roomLog.ts'
import { dewPointC } from '../../core/soundness/room.ts'
import { placeIn, placeOn } from '../../document/places.ts'
import type { RoomReadingDocument } from '../../document/room.ts'
import type { Revised } from '../../document/studio.ts'
import { openSummaries } from '../../store/assessments.ts'
import type { Database } from '../../store/database.ts'
import { readingsOf } from '../devices/roomLog.ts'
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
  readonly pictures: readonly RoomPicture[]
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

export async function roomPage(db: Database, placeId: string, now: string): Promise<RoomPage> {
  const settings = await settingsOf(db)
  const rooms = await roomsOf(db, settings, now)
  const { id, name } = placeIn(settings, placeId)
  const place = rooms.placeOf(id)
  const today = dayOf(now)!
  const all = await readingsOf(db, id)
  const since = dateOf(today - backDays)
  const climate = climateOn(place, today)
  const open = await openSummaries(db, today)
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
    extremes: extremesOf(place, today),
    pictures: open
      .filter(({ painting }) => placeOn(painting, now.slice(0, 10)) === id)
      .map(({ painting, summary: { hottestC, turnsGlassy } }) => ({
        id: painting.id,
        title: painting.title,
        since: painting.moves.findLast((move) => move.placeId === id)?.on ?? null,
        hottestC,
        turnsGlassy,
      })),
  }
}
