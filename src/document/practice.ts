import { z } from 'zod'
import { defaultLimits, limitKeys, limitTable } from '../core/practice/limits.ts'
import type { LimitRow } from '../core/practice/limitRow.ts'
import type { LimitKey, Limits } from '../core/practice/limits.ts'
import { sourceKinds } from '../core/practice/limitRow.ts'
import { fatMeasures, weights } from '../core/practice/measures.ts'
import { gates, noPractice, oilingOuts, varnishAts } from '../core/practice/practice.ts'
import { shippedPractices } from '../core/practice/shipped.ts'
import { sureness } from '../core/practice/sureness.ts'
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

const speaksBelow: readonly LimitRow['side'][] = ['below', 'up to']

/** Watch comes before unsound, on whichever side the limit speaks. */
const inOrder =
  (key: LimitKey) =>
  ({ watch, unsound }: Record<string, number>): boolean =>
    watch === undefined ||
    unsound === undefined ||
    (speaksBelow.includes(limitTable[key].side) ? unsound <= watch : watch <= unsound)

const limitsSchema = z.object(
  Object.fromEntries(limitKeys.map((key) => [key, limitSchema(key).default(defaultLimits[key])])),
) as unknown as z.ZodType<Limits>

/** Where a limit of the painter's own comes from. */
const provenanceSchema = z.object({
  source: z.enum(sourceKinds),
  sure: z.enum(sureness),
  note: z.string().max(200, 'Keep it under 200 letters.').default(''),
})

const { fat, alkydWatched, thinnerCounts, waxPasteCounts, oilingOut, varnish } = noPractice

/** A practice as a studio keeps it: a shipped one it has changed, under the same id, or one of its own. */
export const practiceSchema = z.object({
  id: idSchema,
  name: nameSchema,
  summary: z.string().max(400, 'Keep it under 400 letters.'),
  alkydWeight: z.number().min(0, 'Alkyd counts 0 to 1 as fat.').max(1, 'Alkyd counts 0 to 1 as fat.'),
  gate: z.object({ oil: z.enum(gates), alkyd: z.enum(gates) }),
  fat: z.record(z.enum(fatMeasures), z.enum(weights)).default(fat),
  alkydWatched: z.enum(['always', 'over-soft']).default(alkydWatched),
  thinnerCounts: z.enum(['poured', 'volatile']).default(thinnerCounts),
  waxPasteCounts: z.boolean().default(waxPasteCounts),
  oilingOut: z.enum(oilingOuts).default(oilingOut),
  varnish: z.enum(varnishAts).default(varnish),
  limits: limitsSchema,
  /** The shipped practice a studio’s own began from: its values are the starting ones. */
  basedOn: idSchema.nullable().default(null),
  /** Of limits the painter has set: where they come from. */
  provenance: z.partialRecord(z.enum(limitKeys as [LimitKey, ...LimitKey[]]), provenanceSchema).default({}),
})
export type PracticeDocument = z.infer<typeof practiceSchema>

/** Version 1 knew fewer choices and limits: what it did not say is as its school has it. */
export function practiceFromVersion1(body: Record<string, unknown>): Record<string, unknown> {
  const school = shippedPractices.find(({ id }) => id === body['id']) ?? noPractice
  return { ...school, ...body, limits: { ...school.limits, ...(body['limits'] as Partial<Limits>) } }
}
