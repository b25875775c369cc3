import { clamp } from '../clamp.ts'
import { forecastBounds, roomSpeed } from '../cure/climate.ts'
import type { Climate } from '../cure/climate.ts'
import { roomClockOf } from '../cure/roomClock.ts'
import type { RoomClock } from '../cure/roomClock.ts'
import { typicalOn } from './seasons.ts'
import type { SeasonId } from './seasons.ts'

/** What was read in a place on a day. */
export interface DayReading {
  /** A whole day of the calendar. */
  readonly day: number
  readonly temperatureC: number
  readonly relativeHumidityPct: number
  /** Null: as the place is set. */
  readonly light: number | null
}

/** A place where pictures dry. */
export interface Place {
  readonly climate: Climate
  readonly season: SeasonId
  /** In order of their days, each day once. */
  readonly readings: readonly DayReading[]
}

/** From a day on a picture stands in a place. */
export interface Stay {
  readonly from: number
  readonly place: Place
}

/** A day, or the reading nearest to it, so many days away, speaks for it. */
const [nearDays, lastYearNearDays] = [4, 10]
const yearDays = 365

/** The climate of a place on a day: as it was read then, else as the season has it. */
export function climateOn(place: Place, day: number): Climate {
  const read = readingNear(place.readings, day, nearDays)
  if (read) return withLight(read, place.climate)
  if (place.season === 'steady') return place.climate
  if (place.season !== 'log') return typicalOn(day, place.climate, place.season)
  const last = lastYearOn(place.readings, day)
  return last ? withLight(last, place.climate) : place.climate
}

/** The reading of the same day in the nearest year that has one near it. */
function lastYearOn(readings: readonly DayReading[], day: number): DayReading | null {
  for (let years = 1; years <= 3; years++)
    for (const side of [-1, 1]) {
      const read = readingNear(readings, day + side * years * yearDays, lastYearNearDays)
      if (read) return read
    }
  return null
}

const withLight = ({ temperatureC, relativeHumidityPct, light }: DayReading, set: Climate): Climate => ({
  temperatureC,
  relativeHumidityPct,
  light: light ?? set.light,
})

function readingNear(readings: readonly DayReading[], day: number, within: number): DayReading | null {
  const at = Math.floor(day)
  const next = firstFrom(readings, at)
  const [before, after] = [readings[next - 1], readings[next]]
  const apart = (one: DayReading | undefined): number => (one ? Math.abs(one.day - at) : Infinity)
  const nearest = apart(before) <= apart(after) ? before : after
  return nearest && apart(nearest) <= within ? nearest : null
}

/** The place in the list of the first reading on a day or after it. */
export function firstFrom(readings: readonly DayReading[], day: number): number {
  let [low, high] = [0, readings.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (readings[middle]!.day < day) low = middle + 1
    else high = middle
  }
  return low
}

const placeOn = (stays: readonly Stay[], day: number): Place =>
  (stays.findLast(({ from }) => from <= day) ?? stays[0]!).place

/** The climate of a picture on a day, wherever it then stands. */
export const climateOfStays = (stays: readonly Stay[], day: number): Climate =>
  climateOn(placeOn(stays, day), day)

/** Whether all its days are alike: one place, as set, and never read. */
const isSteady = ([first, ...others]: readonly Stay[], steady: Climate): boolean =>
  others.length === 0 &&
  first!.place.readings.length === 0 &&
  first!.place.season === 'steady' &&
  sameClimate(first!.place.climate, steady)

const sameClimate = (a: Climate, b: Climate): boolean =>
  a.temperatureC === b.temperatureC && a.relativeHumidityPct === b.relativeHumidityPct && a.light === b.light

/** How fast a picture dries day by day, as multiples of a steady room. */
export interface RoomPaces {
  readonly firstDay: number
  readonly paces: readonly number[]
}

/** Forecasts look so far ahead by season, days; later the mean of a year will do. */
const aheadDays = 2 * yearDays

/**
 * The paces of a picture's days from one to the last that matters. Null where the room is as steady as it is set: then
 * nothing has to be reckoned.
 */
export function pacesOf(
  stays: readonly Stay[],
  steady: Climate,
  [from, today]: readonly [number, number],
): RoomPaces | null {
  if (isSteady(stays, steady)) return null
  const firstDay = Math.floor(Math.min(from, today))
  // No day is told to be slower or faster than a forecast is made for.
  const { coldestC, hottestC } = forecastBounds
  const speed = roomSpeed(steady).perDay
  const count = Math.floor(today) - firstDay + aheadDays
  const paces = Array.from({ length: count }, (_, at) => {
    const climate = climateOfStays(stays, firstDay + at)
    const temperatureC = clamp(climate.temperatureC, coldestC, hottestC)
    return roomSpeed({ ...climate, temperatureC }).perDay / speed
  })
  return { firstDay, paces }
}

export const clockBy = (paces: RoomPaces | null): RoomClock | null =>
  paces && roomClockOf(paces.firstDay, paces.paces)
