import type { Climate } from '../cure/climate.ts'
import { climateOn, firstFrom } from './roomLog.ts'
import type { DayReading, Place } from './roomLog.ts'

/** A day of a place that stands out. */
export interface OutstandingDay extends Climate {
  readonly day: number
  /** It was read, and not only to be expected by the season. */
  readonly wasRead: boolean
}

/** The hottest, coldest and dampest days of a year of a place: read ones of the year before, and those to come by season. */
export interface Extremes {
  readonly hottest: OutstandingDay
  readonly coldest: OutstandingDay
  readonly dampest: OutstandingDay
}

const yearDays = 365

export function extremesOf(place: Place, today: number): Extremes {
  const now = Math.floor(today)
  const read = place.readings
    .slice(firstFrom(place.readings, now - yearDays))
    .filter(({ day }) => day <= now)
    .map((reading): OutstandingDay => ({ ...withSetLight(reading, place), wasRead: true }))
  const toCome = Array.from({ length: 53 }, (_, week): OutstandingDay => {
    const day = now + 7 * week
    return { day, ...climateOn(place, day), wasRead: false }
  })
  const days = [...read, ...toCome]
  const most = (of: (day: OutstandingDay) => number): OutstandingDay =>
    days.reduce((last, day) => (of(day) > of(last) ? day : last))
  return {
    hottest: most(({ temperatureC }) => temperatureC),
    coldest: most(({ temperatureC }) => -temperatureC),
    dampest: most(({ relativeHumidityPct }) => relativeHumidityPct),
  }
}

const withSetLight = (reading: DayReading, { climate }: Place) => ({
  ...reading,
  light: reading.light ?? climate.light,
})
