import { z } from 'zod'
import { sheens } from '../core/finish/sheen.ts'
import { shapeSchema } from './shape.ts'
import { dateSchema, idSchema, nameSchema } from './values.ts'

/** A patch of a picture's surface as somebody saw it on a day. */
export const patchSchema = z.object({
  id: idSchema,
  on: dateSchema,
  sheen: z.enum(sheens),
  /** The part of the picture it lies in; null: in none that has a name. */
  area: nameSchema.nullable(),
  /** Of the whole picture, 0..1. */
  share: z
    .number()
    .positive('A patch is larger than nothing.')
    .max(1, 'A patch is at most the whole picture.'),
  /** As it was drawn; empty: it was only told. */
  shapes: z.array(shapeSchema).max(20, 'At most 20 shapes make a patch.'),
})
export type PatchDocument = z.infer<typeof patchSchema>
