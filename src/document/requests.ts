import { z } from 'zod'
import { putAways } from '../core/evening/putAway.ts'
import { fingerToldSchema } from './finger.ts'
import { kindNames } from './kinds.ts'
import type { Kind } from './kinds.ts'
import { mediumSchema, recipeSchema } from './recipe.ts'
import { shelfItemSchema } from './shelf.ts'
import { ownTubeSchema } from './tube.ts'
import { correctionSchema, plannedBrushSchema, plannedLayerSchema } from './layer.ts'
import { reminderSchema } from './reminder.ts'
import { readingSchema } from './room.ts'
import { swatchSchema } from './swatch.ts'
import { trialSchema } from './trial.ts'
import { exerciseSchema } from './pieces/piece.ts'
import { practiceSchema } from './practice.ts'
import { paintingSchema, settingsSchema } from './studio.ts'
import { mostAreas } from '../core/stack/area.ts'
import { dateSchema, idSchema, minuteSchema, nameSchema, tappedSchema } from './values.ts'

/** Bodies of the writes. `seen` is the revision the painter was looking at; null adds. */

const seen = z.number().int().min(0).nullable()

export const saveMediumRequest = z.object({ medium: mediumSchema, seen })
export const saveShelfItemRequest = z.object({ item: shelfItemSchema, seen })
export const saveTubeRequest = z.object({ tube: ownTubeSchema, seen })
export const importShelfRequest = z.object({
  csv: z.string().max(900_000, 'The file is over 900 kB. Split it.'),
})
export const consequencesRequest = z.object({ recipe: recipeSchema })
export const savePaintingRequest = z.object({ painting: paintingSchema, seen })
export const saveLayerRequest = z.object({ layer: plannedLayerSchema, seen })
/** Several layers of one painting, added and changed in one step. */
export const saveLayersRequest = z.object({ layers: z.array(saveLayerRequest).min(1).max(60) })
/** A picture as it stands on the easel: what is on it, since when, and what is to come. */
export const beginStandingRequest = z.object({
  painting: paintingSchema,
  /** Mediums they are planned with; one that is there already stays as it is. */
  mediums: z.array(mediumSchema).max(5).default([]),
  layers: z.array(z.object({ layer: plannedLayerSchema, paintedAt: minuteSchema.nullable() })).max(60),
})
/** What was said of a practice piece, and what was found; the studio says when. */
export const exerciseRequest = exerciseSchema.omit({ at: true })
export const savePracticeRequest = z.object({ practice: practiceSchema, seen })
export const saveSettingsRequest = z.object({ settings: settingsSchema, seen: z.number().int().min(0) })
export const removeRequest = z.object({ seen: z.number().int().min(0) })
const order = z.array(idSchema).min(1).max(1000)
/** The order wished for, and the one the painter saw. */
export const orderRequest = z.object({ layerIds: order, was: order })
const kind = z.enum(kindNames as [Kind, ...Kind[]])
export const asideRequest = z.object({
  kind,
  id: z.string().max(64),
  then: z.enum(['restore', 'remove']),
})
export const paintedRequest = z.object({
  paintedAt: minuteSchema.optional(),
  /** Where it was painted, where that is not as planned; empty: everywhere. */
  areas: z.array(nameSchema).max(mostAreas).optional(),
  tapped: tappedSchema,
})
export const correctedRequest = correctionSchema
export const touchRequest = fingerToldSchema
/** What is drawn down as a swatch; what was used is the studio's to write. */
const laidToday = plannedBrushSchema.extend({ at: minuteSchema.optional() })
export const swatchToldSchema = swatchSchema.omit({ laid: true }).extend({ laid: laidToday })
export type SwatchTold = z.infer<typeof swatchToldSchema>
export const saveSwatchRequest = z.object({ swatch: swatchToldSchema, seen })
export const fingerRequest = fingerToldSchema
/** A trial as it begins: its question and rule, and the two films, which are laid now. */
export const beginTrialRequest = z.object({
  trial: trialSchema.omit({ id: true, swatchId: true, controlId: true, begunAt: true }),
  swatch: swatchToldSchema,
  control: swatchToldSchema,
})
export type BeginTrial = z.infer<typeof beginTrialRequest>
export const saveTrialRequest = z.object({ trial: trialSchema, seen })
export const saveReadingRequest = z.object({ reading: readingSchema.omit({ id: true }) })
export const readingsCsvRequest = z.object({
  placeId: idSchema,
  csv: z.string().max(900_000, 'The file is over 900 kB. Split it.'),
})
export const planLayerRequest = z.object({ on: dateSchema.nullable() })
export const moveRequest = z.object({ placeId: idSchema, on: dateSchema })
export const varnishDoneRequest = z.object({ on: dateSchema.nullable() })
/** Something of a day's own list, or one of the studio's own checks. */
export const tickRequest = z.object({
  what: z.enum(putAways).nullable(),
  check: z.string().max(120).nullable(),
  is: z.boolean(),
  tapped: tappedSchema,
})
export type TickRequest = z.infer<typeof tickRequest>
export const closeRequest = z.object({ tapped: tappedSchema })
export const replacedRequest = z.object({
  id: idSchema,
  replacements: z
    .array(z.object({ material: idSchema, by: idSchema, name: nameSchema }))
    .min(1, 'Say what takes the place of what.')
    .max(40),
})
export const takeSensorRequest = z.object({ placeId: idSchema })
export const saveReminderRequest = z.object({ reminder: reminderSchema, seen })
export const countsRequest = z.object({ counts: z.boolean(), seen: z.number().int().min(0) })

/** An event, or whatever removed a thing that is no longer there. */
export const undoRequest = z.union([
  z.object({ event: z.number().int().min(1) }),
  z.object({ removed: z.object({ kind, id: z.string().max(64) }) }),
])
export const scaleRequest = z.object({
  command: z.enum(['tare', 'zero', 'pour', 'spill']),
  grams: z.number().positive().max(20000).optional(),
})
