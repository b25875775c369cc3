import { z } from 'zod'
import { mediumSchema, recipeSchema } from './recipe.ts'
import { shelfItemSchema } from './shelf.ts'
import { feels, layerSchema, paintingSchema, settingsSchema } from './studio.ts'
import { idSchema, minuteSchema, noteSchema } from './values.ts'

/** Bodies of the writes. `seen` is the revision the painter was looking at; null adds. */

const seen = z.number().int().min(0).nullable()

export const saveMediumRequest = z.object({ medium: mediumSchema, seen })
export const saveShelfItemRequest = z.object({ item: shelfItemSchema, seen })
export const importShelfRequest = z.object({ csv: z.string().max(900_000, 'The file is over 900 kB. Split it.') })
export const consequencesRequest = z.object({ recipe: recipeSchema })
export const savePaintingRequest = z.object({ painting: paintingSchema, seen })
export const saveLayerRequest = z.object({ layer: layerSchema, seen })
export const saveSettingsRequest = z.object({ settings: settingsSchema, seen: z.number().int().min(0) })
export const removeRequest = z.object({ seen: z.number().int().min(0) })
export const orderRequest = z.object({ layerIds: z.array(idSchema).min(1).max(1000) })
export const paintedRequest = z.object({ paintedAt: minuteSchema.optional() })
export const touchRequest = z.object({ feel: z.enum(feels), at: minuteSchema.optional(), note: noteSchema.default('') })
export const undoRequest = z.object({ event: z.number().int().min(1) })
export const scaleRequest = z.object({ command: z.enum(['tare', 'zero', 'pour', 'spill']), grams: z.number().positive().max(20000).optional() })
