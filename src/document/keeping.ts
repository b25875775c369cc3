import { z } from 'zod'
import { brushVehicles } from '../core/evening/brushSet.ts'
import { dateSchema, idSchema, nameSchema } from './values.ts'

/** What stands about in a studio: cleaning jars, brushes, waste, and what gives off vapour. */

const line = z.string().max(120, 'Keep it under 120 letters.')

export const jarSchema = z.object({
  id: idSchema,
  name: nameSchema,
  liquid: idSchema,
  ml: z.number().positive('A jar holds more than nothing.').max(20000),
  filledOn: dateSchema,
  /** What was rinsed in it since, oldest first. */
  uses: z
    .array(z.object({ on: dateSchema, what: line, lead: z.boolean() }))
    .max(300, 'That jar is long past changing.'),
})
export type Jar = z.infer<typeof jarSchema>

export const brushSetSchema = z.object({
  id: idSchema,
  name: nameSchema,
  vehicle: z.enum(brushVehicles),
})
export type BrushSet = z.infer<typeof brushSetSchema>

export const wastes = ['rags', 'solvent', 'lead', 'other'] as const
export const containerSchema = z.object({
  id: idSchema,
  name: nameSchema,
  holds: z.enum(wastes),
  litres: z.number().positive('It holds more than nothing.').max(1000),
  /** How full, 0..1. */
  level: z.number().min(0).max(1, 'It is at most full.'),
  /** The day it is to be taken to the collection point; null: not yet. */
  tripOn: dateSchema.nullable(),
})
export type WasteContainer = z.infer<typeof containerSchema>

export const vapourKinds = ['jar', 'palette', 'rags', 'varnishing', 'other'] as const
const clock = z.number('Write an hour.').min(0, 'The day begins at 0.').max(24, 'The day ends at 24.')
const given = {
  id: idSchema,
  what: z.enum(vapourKinds),
  solvent: idSchema,
  fromHour: clock,
}
export const vapourSourceSchema = z.discriminatedUnion('form', [
  z.object({
    ...given,
    form: z.literal('grams'),
    grams: z.number().positive('Grams are above zero.').max(1e5),
    overHours: z.number().positive('It takes some time.').max(48),
  }),
  z
    .object({
      ...given,
      form: z.literal('open'),
      /** Across its mouth, cm. */
      acrossCm: z.number().positive('An opening is above zero.').max(200),
      toHour: clock,
    })
    .refine(({ fromHour, toHour }) => fromHour < toHour, {
      path: ['toHour'],
      message: 'It is covered after it was opened.',
    }),
])
export type RoomVapour = z.infer<typeof vapourSourceSchema>

/** Hours in which the windows stand otherwise than all day. */
const airedForSchema = z
  .object({ fromHour: clock, toHour: clock, airing: z.enum(['closed', 'crack', 'windows']) })
  .refine(({ fromHour, toHour }) => fromHour < toHour, {
    path: ['toHour'],
    message: 'They are closed after they were opened.',
  })

export const airSchema = z.object({
  /** Null: not told. */
  roomM3: z.number().min(3, 'A room holds at least 3 m³.').max(20000, 'At most 20,000 m³.').nullable(),
  airing: z.enum(['closed', 'crack', 'windows', 'own']),
  /** Changes of air an hour, where they were measured. */
  ownChanges: z.number().min(0).max(60),
  /** Null: all day alike. */
  airedFor: airedForSchema.nullable().default(null),
  /** What a fan takes out, m³ an hour; 0: none. */
  extraction: z.number().min(0).max(20000),
  /** The painter's own limit, mg/m³; null: none. */
  ownLimit: z.number().positive('A limit is above zero.').max(1e5).nullable(),
  sources: z.array(vapourSourceSchema).max(40, 'At most 40 things give off.'),
})
export type RoomAir = z.infer<typeof airSchema>
