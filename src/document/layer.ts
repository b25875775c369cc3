import { z } from 'zod'
import { mostAreas } from '../core/stack/area.ts'
import {
  idSchema,
  minuteSchema,
  dateSchema,
  nameSchema,
  noteSchema,
  partsSchema,
  thicknessUmSchema,
} from './values.ts'
import { preparations } from '../core/stack/event.ts'
import { eventSchema } from './event.ts'
import { mostPaints } from './paints.ts'
import { mixedSchema, paletteSchema } from './palette.ts'
import { besidesSchema, paintSchema, recipeSchema, thinnerSchema } from './recipe.ts'
import { shelfItemSchema } from './shelf.ts'

/** A layer: what is planned, what was really done, and what was put right about that. */

/** What is on the brush, where it goes and how thick. */
const brush = {
  event: eventSchema,
  /** Ids of the picture's areas it covers; empty: all of it. In older layers an area goes by its very name. */
  areas: z.array(nameSchema).max(mostAreas),
  paints: z.array(paintSchema).max(mostPaints),
  medium: z.object({ mediumId: idSchema, parts: partsSchema }).nullable(),
  thinner: thinnerSchema.nullable(),
  besides: besidesSchema,
  wetThicknessUm: thicknessUmSchema,
  ridgeWetUm: thicknessUmSchema.nullable(),
}
/** The same as stored: older layers are paint, and say nothing of what else is in them. */
const storedBrush = {
  ...brush,
  event: eventSchema.default({ kind: 'paint' }),
  besides: besidesSchema.default([]),
}

/** What is on a brush, by itself. */
export const plannedBrushSchema = z.object(storedBrush)

/**
 * What was used, as it was then. Written by the studio alone; later changes to a recipe or a lot do not touch it. What was
 * no lot of the painter's own is typical, and looked up in the book.
 */
export const paintedSchema = z.object({
  at: minuteSchema,
  ...storedBrush,
  /** The medium as it was; null: none was used, or none is on record. */
  used: z.object({ name: nameSchema, recipe: recipeSchema }).nullable(),
  /** The painter's own lots in any of it, as they were. */
  materials: z.array(shelfItemSchema).max(200),
})
export type Painted = z.infer<typeof paintedSchema>

const planned = {
  id: idSchema,
  paintingId: idSchema,
  position: z.number().int().min(0).max(1000),
  name: nameSchema,
  ...storedBrush,
  /** Goes on in the same sitting as the layer under it. */
  wetInWet: z.boolean(),
  /** And is a further pass of it: the two are one film. */
  pass: z.boolean().default(false),
  /** What was done to what lies under it, so that it takes hold; null: nothing. */
  prepared: z.enum(preparations).nullable().default(null),
  plannedOn: dateSchema.nullable(),
  /** Hours it takes to paint; null: as the studio's layers usually do. */
  hours: z.number().positive('It takes some minutes.').max(200).nullable().default(null),
  /** A swatch of it over white, on a grey scale from 0 black to 10 white: that white, and it over the white. Null: none yet. */
  swatch: z
    .object({
      white: z.number().positive('White is above black.').max(10),
      over: z.number().positive('It lets some light through.').max(10),
    })
    .refine(({ white, over }) => over <= white, {
      path: ['over'],
      message: 'Over white it is no lighter than that white.',
    })
    .nullable()
    .default(null),
  /** What lies on the palette for it; null: nothing is laid out yet. */
  palette: paletteSchema.nullable().default(null),
  /** Which of the studio's brushes it is painted with; null: not told. */
  brushSet: idSchema.nullable().default(null),
  note: noteSchema.default(''),
}

/** What a painter writes of a layer; what was used is the studio's to write. */
export const plannedLayerSchema = z.object(planned)
export type PlannedLayer = z.infer<typeof plannedLayerSchema>

export const layerSchema = z.object({
  ...planned,
  painted: paintedSchema.nullable().default(null),
  /** What was mixed for it, oldest first. */
  mixed: z.array(mixedSchema).max(100).default([]),
  /** What the record said before it was put right, oldest first; `painted` null: it was said not to be painted at all. */
  corrections: z
    .array(z.object({ at: minuteSchema, was: paintedSchema }))
    .max(100)
    .default([]),
})
export type LayerDocument = z.infer<typeof layerSchema>

/** Plans that are settled once a layer is painted: from then on only a correction changes what is on the picture. */
export const settledByPainting = [
  'areas',
  'paints',
  'medium',
  'thinner',
  'besides',
  'wetThicknessUm',
  'ridgeWetUm',
  'event',
  'wetInWet',
  'pass',
  'plannedOn',
] as const satisfies readonly (keyof PlannedLayer)[]

/** What may be put right about a painted layer. */
export const correctionSchema = z.object({ ...brush, at: minuteSchema }).partial()
export type Correction = z.infer<typeof correctionSchema>

/**
 * Version 1 kept the minute and the medium beside the plan: they become what was used. The lots of paint and thinner were
 * not recorded then.
 */
export function fromVersion1(body: Record<string, unknown>): Record<string, unknown> {
  const { paintedAt, usedMedium, ...plan } = body
  if (typeof paintedAt !== 'string') return { ...plan, painted: null }
  const { areas, paints, medium, thinner, wetThicknessUm, ridgeWetUm } = plan
  const kept = usedMedium as { name: unknown; recipe: unknown; materials?: unknown } | null | undefined
  const used = kept ? { name: kept.name, recipe: kept.recipe } : null
  const painted = { at: paintedAt, areas, paints, medium, thinner, wetThicknessUm, ridgeWetUm }
  return { ...plan, painted: { ...painted, used, materials: kept?.materials ?? [] } }
}
