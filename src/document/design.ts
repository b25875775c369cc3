import { z } from 'zod'
import { policyIds } from '../core/materials/policy.ts'
import { bases, cappedShares } from '../core/dosing/dose.ts'
import { bodies, sheens } from '../core/medium/effects.ts'
import { materialRecipeSchema, tubeSchema } from './recipe.ts'
import { idSchema } from './values.ts'

/** What is wanted of a medium, as sent; shares are fractions. */

const share = z.number('Write a share between 0 and 1.').min(0).max(1)
const rate = z.number().positive().max(50)

export const wishSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.enum(['most', 'least']), what: z.enum(cappedShares), of: z.enum(bases), share }),
  z.object({ kind: z.literal('solvent'), most: share }),
  z.object({ kind: z.literal('room'), policies: z.array(z.enum(policyIds)).max(policyIds.length) }),
  z.object({ kind: z.literal('oils'), only: z.array(idSchema).min(1).max(40) }),
  z.object({ kind: z.literal('without'), material: idSchema }),
  z.object({ kind: z.literal('speed'), least: rate.optional(), most: rate.optional() }),
  z.object({ kind: z.literal('body'), body: z.enum(bodies) }),
  z.object({ kind: z.literal('sheen'), sheen: z.enum(sheens) }),
  z.object({ kind: z.literal('cost'), mostPerMl: z.number().positive().max(1e6) }),
  z.object({ kind: z.literal('plenty'), what: z.enum(cappedShares) }),
])

/** The medium's share of the mix a design is for, by true volume. */
const dose = z
  .number()
  .min(0.01, 'A dose is at least 1 % of the mix.')
  .max(0.9, 'A dose is at most 90 % of the mix.')

export const designRequest = z.object({
  shelf: z.array(idSchema).min(1, 'Put at least one material on the shelf.').max(300),
  wishes: z.array(wishSchema).max(30),
  near: materialRecipeSchema.optional(),
  dose: dose.default(0.25),
  paint: tubeSchema.optional(),
})
export type DesignRequest = z.infer<typeof designRequest>
