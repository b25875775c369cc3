import { z } from 'zod'
import { dateSchema, idSchema } from './values.ts'

/** What was agreed of the varnish of a picture that left without it. */

export const owedWays = ['return', 'visit', 'colleague', 'owner'] as const
export type OwedWay = (typeof owedWays)[number]

const line = z.string().max(120, 'Keep it under 120 letters.')

export const owedSchema = z.object({
  way: z.enum(owedWays),
  due: dateSchema,
  /** A material of the book or the shelf. */
  varnish: idSchema,
  coats: z.number().int('Coats are counted.').min(1, 'At least one coat.').max(12, 'At most 12 coats.'),
  pays: z.enum(['painter', 'owner', 'shared']).nullable(),
  /** Who does it, where that is another; and whoever has the picture. */
  by: line,
  owner: line,
  /** Kept only if the painter wants it. */
  address: z.string().max(400, 'Keep the address under 400 letters.'),
  note: z.string().max(1000, 'Keep the note under 1000 letters.'),
  doneOn: dateSchema.nullable(),
})
export type Owed = z.infer<typeof owedSchema>
