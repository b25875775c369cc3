import { z } from 'zod'
import { grounds } from '../core/stack/support.ts'
import { fingerSchema } from './finger.ts'
import { paintedSchema } from './layer.ts'
import { idSchema, dateSchema, nameSchema, noteSchema } from './values.ts'

/** A swatch: a film of known thickness on card or glass, kept to see how it dries and what becomes of its colour. */

const lab = z.object({
  L: z.number().min(0, 'L* runs from 0 to 100.').max(100, 'L* runs from 0 to 100.'),
  a: z.number().min(-128).max(127),
  b: z.number().min(-128).max(127),
})

/** How yellow it has become beside its unpainted card: by an eye card of five steps, by Lab, or from a photograph. */
export const colourReadingSchema = z
  .object({
    id: idSchema,
    on: dateSchema,
    by: z.enum(['eye', 'lab', 'photo']),
    kept: z.enum(['light', 'dark']),
    /** 1 as white as the card, 5 as yellow as the eye card goes. */
    grade: z.number().int().min(1).max(5).nullable().default(null),
    lab: lab.nullable().default(null),
  })
  .refine((reading) => (reading.by === 'eye' ? reading.grade !== null : reading.lab !== null), {
    path: ['by'],
    message: 'Give the step of the eye card, or the Lab figures.',
  })
export type ColourReading = z.infer<typeof colourReadingSchema>

const groundIds = grounds.map(({ id }) => id) as [string, ...string[]]

export const swatchSchema = z.object({
  id: idSchema,
  name: nameSchema,
  /** What was laid, when and how thick, as it was then. */
  laid: paintedSchema,
  /** How its thickness is known: so much over so much card. Null: it is guessed. */
  drawn: z
    .object({
      ml: z.number().positive('Say how much was drawn down.').max(1000),
      areaCm2: z.number().positive('Say over how much card.').max(10000),
    })
    .nullable()
    .default(null),
  /** Null: a sealed card, or glass. */
  ground: z.enum(groundIds).nullable().default(null),
  placeId: idSchema.default('studio'),
  fingers: z.array(fingerSchema).max(400).default([]),
  colours: z.array(colourReadingSchema).max(200).default([]),
  note: noteSchema.default(''),
})
export type Swatch = z.infer<typeof swatchSchema>
