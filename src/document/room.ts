import { z } from 'zod'
import { seasonIds } from '../core/room/seasons.ts'
import { studioPlaceId } from './studioPlace.ts'
import { climateSchema, dateSchema, idSchema, nameSchema } from './values.ts'

/** Places where pictures dry, and what was read there. */

export const seasonSchema = z.enum(seasonIds)

export const dryingClimateSchema = climateSchema.refine(
  ({ temperatureC }) => temperatureC >= 5 && temperatureC <= 35,
  'Drying is forecast between 5 and 35 °C only.',
)

/** A place beside the studio's own room: a rack, a dark store. */
export const placeSchema = z.object({
  id: idSchema.refine((id) => id !== studioPlaceId, 'That is the studio itself.'),
  name: nameSchema,
  climate: dryingClimateSchema,
  season: seasonSchema.default('steady'),
})
export type PlaceDocument = z.infer<typeof placeSchema>

/** What was read in a place on a day; a later reading of the same day takes its place. */
export const readingSchema = z.object({
  id: idSchema,
  placeId: idSchema,
  on: dateSchema,
  temperatureC: z
    .number('Write a number of °C.')
    .min(-30, 'No room is that cold.')
    .max(60, 'No room is that hot.'),
  relativeHumidityPct: z
    .number('Write a number of % RH.')
    .min(0, 'Humidity is at least 0 %.')
    .max(100, 'Humidity is at most 100 %.'),
  light: z.number().min(0.1).max(3).nullable().default(null),
  by: z.enum(['hand', 'file', 'sensor']).default('hand'),
})
export type RoomReadingDocument = z.infer<typeof readingSchema>

/** One reading a place and day. */
export const readingId = (placeId: string, on: string): string => `${placeId.slice(0, 50)}-${on}`
