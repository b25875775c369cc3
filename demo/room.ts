import { dateOf } from '../src/core/plan/calendar.ts'
import type { PlaceDocument, RoomReadingDocument } from '../src/document/room.ts'
import { readingId } from '../src/document/room.ts'
import { studioPlaceId } from '../src/document/studioPlace.ts'

/** Where pictures dry in Tern Street, and a year of what was read there; all of it made up. */

export const places: PlaceDocument[] = [
  {
    id: 'rack',
    name: 'the drying rack',
    climate: { temperatureC: 20, relativeHumidityPct: 50, light: 1 },
    season: 'north',
  },
  {
    id: 'dark-store',
    name: 'the dark store',
    climate: { temperatureC: 16, relativeHumidityPct: 58, light: 0.55 },
    season: 'steady',
  },
]

/** The same every time for the same day. */
function noise(seed: number): number {
  const x = Math.sin(seed * 12.9898) * 43758.5453
  return x - Math.floor(x) - 0.5
}

const yearDays = 365
/** The sensor has logged these last days, and nobody has taken them in yet. */
const notTakenIn = 3

/** Cool and dry in winter, warm and damp in summer; a damp week in the autumn. */
export const yearOfReadings = (today: number): RoomReadingDocument[] =>
  Array.from({ length: yearDays - notTakenIn }, (_, at): RoomReadingDocument => {
    const day = Math.floor(today) - yearDays + at
    const on = dateOf(day)
    const summer = Math.cos((2 * Math.PI * ((day % 365.2425) - 205)) / 365.2425)
    const isDampWeek = at > yearDays - 34 && at < yearDays - 26
    return {
      id: readingId(studioPlaceId, on),
      placeId: studioPlaceId,
      on,
      temperatureC: Number((19.6 + 2.2 * summer + 1.6 * noise(day)).toFixed(1)),
      relativeHumidityPct: Math.round(53 + 5 * summer + 8 * noise(day + 0.5) + (isDampWeek ? 12 : 0)),
      light: null,
      by: 'sensor',
    }
  })
