import { dayOf } from '../core/plan/calendar.ts'
import type { DayReading, Place, Stay } from '../core/room/roomLog.ts'
import type { PlaceDocument, RoomReadingDocument } from './room.ts'
import type { PaintingDocument, Settings } from './studio.ts'
import { studioPlaceId } from './studioPlace.ts'

/* Read off the settings without their schema: pages look at places before they know of it. */

/** Every place where pictures dry, the studio's own room first. */
export const placesIn = ({ climate, season, places }: Settings): readonly PlaceDocument[] => [
  { id: studioPlaceId, name: 'the studio', climate, season },
  ...places,
]

/** A place by its id; one that is gone is the studio itself. */
export const placeIn = (settings: Settings, id: string): PlaceDocument =>
  placesIn(settings).find((place) => place.id === id) ?? placesIn(settings)[0]!

/** Where a painting dries on a day, by id. */
export const placeOn = ({ moves }: Pick<PaintingDocument, 'moves'>, date: string): string =>
  [...moves].sort((a, b) => a.on.localeCompare(b.on)).findLast(({ on }) => on <= date)?.placeId ??
  studioPlaceId

export const dayReadingOf = ({
  on,
  temperatureC,
  relativeHumidityPct,
  light,
}: RoomReadingDocument): DayReading => ({ day: dayOf(on)!, temperatureC, relativeHumidityPct, light })

/** Readings as the core takes them, in order of their days. */
export const dayReadings = (readings: readonly RoomReadingDocument[]): readonly DayReading[] =>
  readings.map(dayReadingOf).sort((a, b) => a.day - b.day)

/** A place with what was read there. */
export const placeWith = (
  { climate, season }: Pick<PlaceDocument, 'climate' | 'season'>,
  readings: readonly DayReading[],
): Place => ({ climate, season, readings })

/** Where a painting was from which day on: in the studio until it was moved. */
export const staysOf = (
  { moves }: Pick<PaintingDocument, 'moves'>,
  placeOf: (id: string) => Place,
): readonly Stay[] => [
  { from: -Infinity, place: placeOf(studioPlaceId) },
  ...[...moves]
    .sort((a, b) => a.on.localeCompare(b.on))
    .map(({ placeId, on }) => ({ from: dayOf(on)!, place: placeOf(placeId) })),
]
