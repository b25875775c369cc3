import { dateOf, dayOf } from '../core/plan/calendar.ts'
import { placeIn } from '../document/places.ts'
import { readingId } from '../document/room.ts'
import type { RoomReadingDocument } from '../document/room.ts'
import type { Wish } from '../store/history.ts'
import { commit, findOrRefuse } from './commit.ts'
import type { Write, Written } from './commit.ts'
import { fromCsv, toCsv } from './csv/csv.ts'
import type { CsvShape } from './csv/csv.ts'
import { refused } from './refused.ts'
import { settingsOf } from './settings.ts'

/** What is read of the places where pictures dry: one reading a place and day. */

type Told = Omit<RoomReadingDocument, 'id'>

const wishOf = (told: Told): Wish => {
  const id = readingId(told.placeId, told.on)
  return { kind: 'reading', id, body: { ...told, id } }
}

/** Writes a day's reading down, in place of another of that day. */
export const saveReading = (write: Write, told: Told): Promise<Written> =>
  commit(write, async (trx) => {
    if (dayOf(told.on)! > dayOf(write.at)!) throw refused('A reading of a day to come cannot have been made.')
    const { name } = placeIn(await settingsOf(trx), told.placeId)
    return { what: `Read ${name} on ${told.on}`, wishes: [wishOf(told)] }
  })

/** Brings many readings in one step. */
export const saveReadings = (write: Write, placeId: string, readings: readonly Told[]): Promise<Written> =>
  commit(write, async (trx) => {
    const { name } = placeIn(await settingsOf(trx), placeId)
    return {
      what: `Brought ${readings.length} ${readings.length === 1 ? 'reading' : 'readings'} of ${name}`,
      wishes: readings.map(wishOf),
    }
  })

export const removeReading = (write: Write, id: string, seen: number): Promise<Written> =>
  commit(write, async (trx) => ({
    what: `Removed the reading of ${(await findOrRefuse(trx, 'reading', id)).on}`,
    wishes: [{ kind: 'reading', id, body: null, seen }],
  }))

/** A logger that reads every ten minutes comes to so many lines in half a year. */
const mostLines = 30_000

const columns = ['date', 'temperature_c', 'humidity_percent', 'light'] as const

/** Readings of one place as CSV, oldest first. */
export const readingsToCsv = (readings: readonly RoomReadingDocument[]): string =>
  toCsv(
    columns,
    readings.map(({ on, temperatureC, relativeHumidityPct, light }) => [
      on,
      String(temperatureC),
      String(relativeHumidityPct),
      light === null ? '' : String(light),
    ]),
  )

/** Readings from a CSV; several of one day count by their mean. Throws Invalid, naming every fault. */
export function readingsFromCsv(csv: string, placeId: string, today: number): readonly Told[] {
  let lines = 0
  const shape: CsvShape<(typeof columns)[number], Told & { readonly id: string }> = {
    list: 'the room’s readings',
    columns,
    required: ['date', 'temperature_c', 'humidity_percent'],
    most: mostLines,
    itemOf: (line) => {
      const written = line.cell('date')
      const day = dayOf(written.replace(' ', 'T'))
      if (day === null) line.fault('date', 'Write the date as 2026-11-24.')
      else if (day > today) line.fault('date', 'That day is yet to come.')
      const [temperatureC, humidity] = [line.number('temperature_c'), line.number('humidity_percent')]
      if (temperatureC === null || temperatureC < -30 || temperatureC > 60)
        line.fault('temperature_c', 'A room has between −30 and 60 °C.')
      if (humidity === null || humidity < 0 || humidity > 100)
        line.fault('humidity_percent', 'Humidity lies between 0 and 100 %.')
      const light = line.cell('light') === '' ? null : line.number('light')
      if (light !== null && (light < 0.1 || light > 3))
        line.fault('light', 'Light lies between 0.1 (dark) and 3; a room has 1.')
      if (!line.isSound()) return null
      return {
        id: String(++lines),
        placeId,
        on: dateOf(day!),
        temperatureC: temperatureC!,
        relativeHumidityPct: humidity!,
        light,
        by: 'file',
      }
    },
  }
  return meansByDay(fromCsv(csv, shape))
}

function meansByDay(readings: readonly Told[]): readonly Told[] {
  const byDay = new Map<string, Told[]>()
  for (const { placeId, on, temperatureC, relativeHumidityPct, light, by } of readings) {
    const told = { placeId, on, temperatureC, relativeHumidityPct, light, by }
    byDay.set(on, [...(byDay.get(on) ?? []), told])
  }
  const mean = (all: readonly number[]): number =>
    Math.round((10 * all.reduce((sum, one) => sum + one, 0)) / all.length) / 10
  return [...byDay.values()].map((day) => ({
    ...day[0]!,
    temperatureC: mean(day.map(({ temperatureC }) => temperatureC)),
    relativeHumidityPct: mean(day.map(({ relativeHumidityPct }) => relativeHumidityPct)),
  }))
}
