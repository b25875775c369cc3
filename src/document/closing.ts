import { z } from 'zod'
import { putAways } from '../core/evening/putAway.ts'
import { dateSchema, idSchema, minuteSchema } from './values.ts'

/** The end of a day: what was put away, and whether the day is closed. One a day; its id is its date. */
export const closingSchema = z.object({
  id: idSchema,
  on: dateSchema,
  /** What was put away, and when. */
  ticked: z.partialRecord(z.enum(putAways), minuteSchema),
  /** The studio's own checks that were made. */
  checked: z.array(z.string().max(120)).max(12),
  closedAt: minuteSchema.nullable(),
})
export type Closing = z.infer<typeof closingSchema>
