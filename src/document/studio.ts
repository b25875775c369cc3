import { z } from 'zod'
import { usualBounds } from '../core/materials/iodine.ts'
import { policyIds } from '../core/materials/policy.ts'
import { grounds, supports } from '../core/soundness/support.ts'
import { practices } from '../core/soundness/practice.ts'
import {
  climateSchema,
  dateSchema,
  idSchema,
  minuteSchema,
  nameSchema,
  noteSchema,
  partsSchema,
  thicknessUmSchema,
} from './values.ts'
import { batchSchema } from './batch.ts'
import { shelfItemSchema } from './shelf.ts'
import { mediumSchema, paintSchema, recipeSchema, thinnerSchema } from './recipe.ts'

/** Everything a studio keeps. Types are read off these schemas; nothing is declared twice. */

const chosen = <Item extends { readonly id: string }>(items: readonly Item[]) =>
  z.enum(items.map(({ id }) => id) as [string, ...string[]])

export const settingsSchema = z.object({
  studioName: nameSchema,
  climate: climateSchema.refine(
    ({ temperatureC }) => temperatureC >= 5 && temperatureC <= 35,
    'Drying is forecast between 5 and 35 °C only.',
  ),
  workingDays: z.array(z.boolean()).length(7),
  /** Chance at which a gate is taken as reached. */
  confidence: z.number().min(0.5, 'Plan on at least 50 %.').max(0.95, 'Plan on at most 95 %.'),
  spoons: z.enum(['us', 'metric']),
  /** What the room forbids. */
  policies: z.array(z.enum(policyIds)).default([]),
  /** Iodine values from which an oil is called semi-drying, and drying. */
  dryingBounds: z
    .object({ semi: z.number().min(1).max(250), drying: z.number().min(1).max(250) })
    .refine(({ semi, drying }) => semi < drying, 'Semi-drying must begin below drying.')
    .default(usualBounds),
})
export type Settings = z.infer<typeof settingsSchema>

export const defaultSettings: Settings = {
  studioName: 'My studio',
  climate: { temperatureC: 20, relativeHumidityPct: 50, light: 1 },
  workingDays: [true, true, true, true, true, false, false],
  confidence: 0.8,
  spoons: 'metric',
  policies: [],
  dryingBounds: usualBounds,
}

export const paintingSchema = z.object({
  id: idSchema,
  title: nameSchema,
  widthCm: z.number().positive('Give the width in cm.').max(2000).nullable(),
  heightCm: z.number().positive('Give the height in cm.').max(2000).nullable(),
  support: chosen(supports),
  ground: chosen(grounds).nullable(),
  practice: chosen(practices),
  /** The day it must be ready: hung, fetched, shown. */
  deadline: dateSchema.nullable(),
  note: noteSchema.default(''),
})
export type PaintingDocument = z.infer<typeof paintingSchema>

export const layerSchema = z.object({
  id: idSchema,
  paintingId: idSchema,
  position: z.number().int().min(0).max(1000),
  name: nameSchema,
  /** Parts of the picture it covers; empty: all of it. */
  areas: z.array(nameSchema).max(12),
  paints: z.array(paintSchema).max(12),
  medium: z.object({ mediumId: idSchema, parts: partsSchema }).nullable(),
  thinner: thinnerSchema.nullable(),
  wetThicknessUm: thicknessUmSchema,
  ridgeWetUm: thicknessUmSchema.nullable(),
  wetInWet: z.boolean(),
  plannedOn: dateSchema.nullable(),
  paintedAt: minuteSchema.nullable(),
  /** The medium as it was on the day of painting; later changes to the recipe do not touch it. */
  usedMedium: z
    .object({
      name: nameSchema,
      recipe: recipeSchema,
      /** Lots it was made with, as they were. */ materials: z.array(shelfItemSchema).max(200).default([]),
    })
    .nullable(),
  note: noteSchema.default(''),
})
export type LayerDocument = z.infer<typeof layerSchema>

/** How a layer felt to the finger. */
export const feels = ['wet', 'tacky', 'touch', 'firm'] as const
export const touchTestSchema = z.object({
  id: idSchema,
  layerId: idSchema,
  at: minuteSchema,
  feel: z.enum(feels),
  note: noteSchema.default(''),
})
export type TouchTest = z.infer<typeof touchTestSchema>
export type Feel = (typeof feels)[number]

export const studioDocumentSchema = z.object({
  format: z.literal('grelta.studio'),
  version: z.literal(1),
  settings: settingsSchema,
  shelf: z.array(shelfItemSchema).max(5000).default([]),
  batches: z.array(batchSchema).max(5000).default([]),
  mediums: z.array(mediumSchema).max(2000),
  paintings: z.array(paintingSchema).max(2000),
  layers: z.array(layerSchema).max(20000),
  touchTests: z.array(touchTestSchema).max(50000),
})
export type StudioDocument = z.infer<typeof studioDocumentSchema>

/** A stored thing with the revision it was read at. */
export type Revised<Body> = Body & { readonly revision: number }
