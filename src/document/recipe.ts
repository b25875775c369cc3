import { z } from 'zod'
import { transparencies } from '../core/materials/material.ts'
import { lightfastnesses } from '../core/palette/speeds.ts'
import { ownHazards } from '../core/materials/own.ts'
import { amountSchema, idSchema, nameSchema, noteSchema, partsSchema, thicknessUmSchema } from './values.ts'
import { mostBesides } from './paints.ts'

export const mostLines = 200

export const materialLineSchema = amountSchema.extend({ material: idSchema })
export const recipeLineSchema = z.union([materialLineSchema, amountSchema.extend({ medium: idSchema })])

const recipeRest = {
  partsBy: z.enum(['volume', 'weight']).optional(),
  partSize: amountSchema.optional(),
  scaleTo: amountSchema.optional(),
}
/** A recipe as stored: it may be empty while it is being written, and its lines may name other media. */
export const recipeSchema = z.object({ lines: z.array(recipeLineSchema).max(mostLines), ...recipeRest })
/** A recipe as sent to be computed: materials only, at least one. */
export const materialRecipeSchema = z.object({
  lines: z.array(materialLineSchema).min(1, 'Send at least one line.').max(mostLines),
  ...recipeRest,
})

export const mediumSchema = z.object({
  id: idSchema,
  name: nameSchema,
  recipe: recipeSchema,
  note: noteSchema.default(''),
  /** In how many layers of one place it may be used; absent or null: in any number. */
  mostPasses: z.number().int().min(1, 'One layer at least.').max(100).nullable().optional(),
})
export type MediumDocument = z.infer<typeof mediumSchema>

export const tubeSchema = z.object({
  pigments: z
    .array(
      z.object({ pigment: idSchema, share: z.number().positive('A share must be above zero.').max(1e6) }),
    )
    .min(1, 'Name at least one pigment.')
    .max(12),
  oil: idSchema,
  grind: z.number().min(0.2).max(5).optional(),
  oilMassPercent: z.number().min(1).max(95).optional(),
  rateTimes: z.number().min(0.01).max(100).optional(),
  transparency: z.enum(transparencies).optional(),
  sinkingTendency: z.number().min(1).max(5).optional(),
  lightfastness: z.enum(lightfastnesses).optional(),
  hazards: z.array(z.enum(ownHazards)).max(12).optional(),
})
export const paintSchema = tubeSchema.extend({
  parts: partsSchema,
  /** The painter's own tube it comes from; what stands beside it is that tube as it was then. */
  tube: idSchema.optional(),
  name: nameSchema.optional(),
})
export const thinnerSchema = z.object({ material: idSchema, parts: partsSchema })
/** What else is in the paint: stirred in besides, or brought in by brushes. */
export const besidesSchema = z.array(z.object({ material: idSchema, parts: partsSchema })).max(mostBesides)

/** A mixture on its way to becoming a film. */
export const mixtureSchema = z.object({
  paints: z.array(paintSchema).max(20),
  medium: materialRecipeSchema.extend({ parts: partsSchema }).optional(),
  thinner: thinnerSchema.optional(),
  wetThicknessUm: thicknessUmSchema,
})
