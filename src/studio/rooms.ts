import { forecastBounds } from '../core/cure/climate.ts'
import { dateOf, dayOf } from '../core/plan/calendar.ts'
import { firstFrom, pacesOf } from '../core/room/roomLog.ts'
import type { DayReading, Place, Stay } from '../core/room/roomLog.ts'
import { clockOfRoom } from '../document/picture/pictureRoom.ts'
import type { PictureRoom } from '../document/picture/pictureRoom.ts'
import { dayReadings, placeIn, placesIn, placeWith, staysOf } from '../document/places.ts'
import type { PaintingDocument, Settings } from '../document/studio.ts'
import type { RoomClock } from '../core/cure/roomClock.ts'
import type { Database } from '../store/database.ts'
import { readingsSince } from '../store/readings.ts'

/** The places of a studio with what was read there lately. */
export interface Rooms {
  readonly placeOf: (id: string) => Place
  readonly roomOf: (painting: Pick<PaintingDocument, 'moves'>) => PictureRoom
  /** Of what stays in one place. */
  readonly roomIn: (placeId: string) => PictureRoom
  readonly clockOf: (painting: Pick<PaintingDocument, 'moves'>) => RoomClock | null
}

/** So far back readings count, days: what has dried longer goes by the oldest of them. */
const backDays = 800
/** So many days back a picture's page is told what was read where it stood. */
const tellDays = 400

export async function roomsOf(db: Database, settings: Settings, now: string): Promise<Rooms> {
  const today = dayOf(now)!
  const since = Math.floor(today) - backDays
  const ids = placesIn(settings).map(({ id }) => id)
  const read = new Map<string, readonly DayReading[]>()
  const readings = await readingsSince(db, dateOf(since))
  for (const id of ids) read.set(id, dayReadings(readings.filter(({ placeId }) => placeId === id)))
  const places = new Map<string, Place>()
  const placeOf = (id: string): Place => {
    const place = placeIn(settings, id)
    const known = places.get(place.id)
    if (known) return known
    const made = placeWith(place, read.get(place.id) ?? [])
    places.set(place.id, made)
    return made
  }
  // Pictures that went the same way share one room.
  const rooms = new Map<string, PictureRoom>()
  const roomBy = (key: string, stays: () => readonly Stay[]): PictureRoom => {
    const known = rooms.get(key)
    if (known) return known
    const made = roomThrough(stays(), settings, [since, today])
    rooms.set(key, made)
    return made
  }
  const roomOf = (painting: Pick<PaintingDocument, 'moves'>): PictureRoom =>
    roomBy(JSON.stringify(painting.moves), () => staysOf(painting, placeOf))
  return {
    placeOf,
    roomOf,
    roomIn: (placeId) => roomBy(placeId, () => [{ from: -Infinity, place: placeOf(placeId) }]),
    clockOf: (painting) => clockOfRoom(roomOf(painting)),
  }
}

function roomThrough(
  stays: readonly Stay[],
  { climate }: Settings,
  [since, today]: readonly [number, number],
): PictureRoom {
  const paces = pacesOf(stays, climate, [since, today])
  const readings = readThrough(stays, today - tellDays, today)
  return {
    climate: (stays.findLast(({ from }) => from <= today) ?? stays[0]!).place.climate,
    paces: paces && { ...paces, paces: paces.paces.map((pace) => Number(pace.toFixed(3))) },
    readings,
    outOfRange: readings
      .filter(
        ({ temperatureC }) =>
          temperatureC < forecastBounds.coldestC || temperatureC > forecastBounds.hottestC,
      )
      .map(({ day }) => day),
  }
}

/** What was read where the picture stood, day by day. */
const readThrough = (stays: readonly Stay[], from: number, to: number) =>
  stays.flatMap((stay, at) => {
    const { readings } = stay.place
    const end = stays[at + 1]?.from ?? Infinity
    return readings
      .slice(firstFrom(readings, Math.max(from, stay.from)))
      .filter(({ day }) => day < end && day <= to)
      .map(({ day, temperatureC, relativeHumidityPct }) => ({ day, temperatureC, relativeHumidityPct }))
  })
