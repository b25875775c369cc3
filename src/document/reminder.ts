import { z } from 'zod'
import { dateSchema, idSchema, minuteSchema, noteSchema } from './values.ts'

/** Something to be done on a day that no picture's plan would tell of. */
export const reminderKinds = ['varnish-visit', 'return', 'waste', 'look', 'other'] as const

export const reminderSchema = z.object({
  id: idSchema,
  on: dateSchema,
  what: z.enum(reminderKinds),
  text: z.string().trim().min(1, 'Say what there is to do.').max(200, 'Keep it under 200 letters.'),
  paintingId: idSchema.nullable().default(null),
  doneAt: minuteSchema.nullable().default(null),
  note: noteSchema.default(''),
})
export type Reminder = z.infer<typeof reminderSchema>
