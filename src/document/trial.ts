import { z } from 'zod'
import { checkIds } from '../core/cure/checks.ts'
import { idSchema, minuteSchema, nameSchema, noteSchema } from './values.ts'

/** A trial: a question, a swatch and a control beside it, and what will count as yes and no, written before it begins. */

/** Dryness: by this day it passes this check, or the answer is no. */
const dryRule = z.object({
  by: z.literal('check'),
  check: z.enum(checkIds),
  day: z.number().int().min(1, 'Look after a day at the earliest.').max(3650),
})
/** Colour: by this day it has become no more than so much yellower. */
const colourRule = z.object({
  by: z.literal('colour'),
  mostYellower: z.number().positive('Allow some yellowing above none.').max(60),
  day: z.number().int().min(1, 'Look after a day at the earliest.').max(3650),
})

export const trialSchema = z.object({
  id: idSchema,
  question: nameSchema,
  swatchId: idSchema,
  controlId: idSchema,
  rule: z.discriminatedUnion('by', [dryRule, colourRule]),
  /** What a yes and a no will mean for the work, in the painter's words. */
  ifYes: noteSchema.default(''),
  ifNo: noteSchema.default(''),
  /** Days after it began on which it is looked at. */
  lookDays: z.array(z.number().int().min(1).max(3650)).min(1, 'Name a day to look.').max(24),
  /** When it began; from then on none of this can be changed. */
  begunAt: minuteSchema,
  note: noteSchema.default(''),
})
export type Trial = z.infer<typeof trialSchema>

/** All of it but the note is fixed once it has begun. */
export const fixedOnceBegun = [
  'question',
  'swatchId',
  'controlId',
  'rule',
  'ifYes',
  'ifNo',
  'lookDays',
  'begunAt',
] as const satisfies readonly (keyof Trial)[]
