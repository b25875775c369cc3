import { z } from 'zod'
import { dateSchema, idSchema, nameSchema } from './values.ts'

/** A swab of a solvent on one spot, before a varnish is taken off. */

export const spotResults = ['nothing', 'varnish', 'colour'] as const
export type SpotResult = (typeof spotResults)[number]

export const spotTestSchema = z.object({
  id: idSchema,
  on: dateSchema,
  /** Null: the whole picture, where it has no parts. */
  area: nameSchema.nullable(),
  /** 1 mildest to 5. */
  rank: z.number().int().min(1).max(5),
  result: z.enum(spotResults),
})
export type SpotTest = z.infer<typeof spotTestSchema>
