import { z } from 'zod'
import { checkIds } from '../core/cure/checks.ts'
import { idSchema, minuteSchema, noteSchema, photoSchema, tappedSchema } from './values.ts'

/** A hand on a film, a layer's or a swatch's: which check, when, and what it found. */
export const fingerSchema = z.object({
  id: idSchema,
  at: minuteSchema,
  check: z.enum(checkIds),
  passed: z.boolean(),
  /** Where on it, in a few words: "the ridge". */
  where: z.string().max(120, 'Say where in under 120 letters.').default(''),
  photo: photoSchema.nullable().default(null),
  /** False: it stays on record and says nothing of how anything dries. */
  counts: z.boolean().default(true),
  note: noteSchema.default(''),
})
export type FingerDocument = z.infer<typeof fingerSchema>

/** A finger as it is told; the minute is now unless it is said. */
export const fingerToldSchema = fingerSchema.omit({ id: true, counts: true }).extend({
  at: minuteSchema.optional(),
  where: fingerSchema.shape.where.unwrap().optional(),
  photo: photoSchema.nullable().optional(),
  note: noteSchema.optional(),
  tapped: tappedSchema,
})
export type FingerTold = z.infer<typeof fingerToldSchema>

/** Version 1 told of four feels. */
const ofFeel: Readonly<Record<string, object>> = {
  wet: { check: 'smudge', passed: false },
  tacky: { check: 'touch', passed: false },
  touch: { check: 'touch', passed: true },
  firm: { check: 'fingernail', passed: true },
}

export const fingerFromVersion1 = ({ feel, ...rest }: Record<string, unknown>): Record<string, unknown> => ({
  ...rest,
  ...ofFeel[String(feel)],
})
