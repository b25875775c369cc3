import { z } from 'zod'
import { idSchema, minuteSchema } from './values.ts'

/** A finding the painter has taken on knowingly. */
export const departureSchema = z.object({
  rule: z.string().max(60),
  layerId: idSchema,
  underId: idSchema.nullable(),
  /** As grave as it was then: graver, it speaks again. */
  severity: z.enum(['watch', 'unsound']),
  /** What was said then. */
  message: z.string().max(1000),
  reason: z.string().max(400, 'Keep the reason under 400 letters.'),
  at: minuteSchema,
  /** What it rests on, as a mark: where that changes, it speaks again. */
  rests: z.string().max(40),
})
export type Departure = z.infer<typeof departureSchema>
