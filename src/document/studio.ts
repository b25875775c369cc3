import { z } from 'zod'
import { usualBounds } from '../core/materials/iodine.ts'
import { policyIds } from '../core/materials/policy.ts'
import { brushNames } from '../core/palette/carryOver.ts'
import { fits, mostAreas } from '../core/stack/area.ts'
import { grounds, supports } from '../core/stack/support.ts'
import { climateSchema, dateSchema, idSchema, minuteSchema, nameSchema, noteSchema } from './values.ts'
import { batchSchema } from './batch.ts'
import { ownTubeSchema } from './tube.ts'
import { shelfItemSchema } from './shelf.ts'
import { layerSchema } from './layer.ts'
import { practiceSchema } from './practice.ts'
import { mediumSchema } from './recipe.ts'

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
  /** What a dip of a brush brings from the cleaning jar, ml, where it was weighed. */
  dipMl: z
    .partialRecord(z.enum(brushNames), z.number().positive('A dip brings something.').max(10))
    .default({}),
  /** How often each cleaning jar was used since it was changed, by its liquid. */
  jarUses: z.record(idSchema, z.number().int().min(0).max(1000)).default({}),
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
  dipMl: {},
  jarUses: {},
}

export const areaSchema = z.object({
  id: nameSchema,
  name: nameSchema,
  /** Of the surface, 0..1; null: not told. */
  share: z
    .number()
    .positive('A share of the picture is above zero.')
    .max(1, 'A share is at most 1, that is 100 %.')
    .nullable(),
})
export type AreaDocument = z.infer<typeof areaSchema>

export const paintingSchema = z.object({
  id: idSchema,
  title: nameSchema,
  widthCm: z.number().positive('Give the width in cm.').max(2000).nullable(),
  heightCm: z.number().positive('Give the height in cm.').max(2000).nullable(),
  support: chosen(supports),
  ground: chosen(grounds).nullable(),
  /** The day the ground was put on; null: not told. */
  groundOn: dateSchema.nullable().default(null),
  /** Id of a practice of the studio, shipped or its own. */
  practice: idSchema,
  /** Its parts, each with its own stack; empty: it is all one. */
  areas: z
    .array(areaSchema)
    .max(mostAreas)
    .refine(fits, 'The parts of a picture come to no more than all of it. Make a share smaller.')
    .default([]),
  /** The day it must be ready: hung, fetched, shown. */
  deadline: dateSchema.nullable(),
  note: noteSchema.default(''),
})
export type PaintingDocument = z.infer<typeof paintingSchema>

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
  tubes: z.array(ownTubeSchema).max(5000).default([]),
  batches: z.array(batchSchema).max(5000).default([]),
  mediums: z.array(mediumSchema).max(2000),
  practices: z.array(practiceSchema).max(200).default([]),
  paintings: z.array(paintingSchema).max(2000),
  layers: z.array(layerSchema).max(20000),
  touchTests: z.array(touchTestSchema).max(50000),
})
export type StudioDocument = z.infer<typeof studioDocumentSchema>

/** A stored thing with the revision it was read at. */
export type Revised<Body> = Body & { readonly revision: number }
