import { z } from 'zod'
import { defaultLimits, limitKeys, limitTable } from '../core/practice/limits.ts'
import type { LimitKey, LimitRow, Limits } from '../core/practice/limits.ts'
import { gates } from '../core/practice/practice.ts'
import { idSchema, nameSchema } from './values.ts'

/** The values of one limit, within what its row of the table allows; a level not stored has its default. */
function limitSchema(key: LimitKey) {
  const { bounds, default: usual, unit }: LimitRow = limitTable[key]
  const [low, high] = bounds
  const shown = (value: number): string =>
    unit === '%' || unit === 'points' ? `${100 * value}\u00a0%` : String(value)
  const value = z
    .number('Write a number.')
    .min(low, `That is at least ${shown(low)}.`)
    .max(high, `That is at most ${shown(high)}.`)
  const levels = Object.entries(usual).map(([level, at]) => [level, value.default(at)])
  return z.object(Object.fromEntries(levels) as Record<string, typeof value>).refine(inOrder(key), {
    message: 'What is unsound must lie beyond what is watched.',
  })
}

/** Watch comes before unsound, on whichever side the limit speaks. */
const inOrder =
  (key: LimitKey) =>
  ({ watch, unsound }: Record<string, number>): boolean =>
    watch === undefined ||
    unsound === undefined ||
    (limitTable[key].side === 'below' ? unsound <= watch : watch <= unsound)

const limitsSchema = z.object(
  Object.fromEntries(limitKeys.map((key) => [key, limitSchema(key).default(defaultLimits[key])])),
) as unknown as z.ZodType<Limits>

/** A practice as a studio keeps it: a shipped one it has changed, under the same id, or one of its own. */
export const practiceSchema = z.object({
  id: idSchema,
  name: nameSchema,
  summary: z.string().max(400, 'Keep it under 400 letters.'),
  alkydWeight: z.number().min(0, 'Alkyd counts 0 to 1 as fat.').max(1, 'Alkyd counts 0 to 1 as fat.'),
  gate: z.object({ oil: z.enum(gates), alkyd: z.enum(gates) }),
  limits: limitsSchema,
})
export type PracticeDocument = z.infer<typeof practiceSchema>
