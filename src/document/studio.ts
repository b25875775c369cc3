import { z } from 'zod'
import { stateIds } from '../core/cure/states.ts'
import { usualBounds } from '../core/materials/iodine.ts'
import { policyIds } from '../core/materials/policy.ts'
import { brushNames } from '../core/palette/carryOver.ts'
import { fits, mostAreas } from '../core/stack/area.ts'
import { grounds, supports } from '../core/stack/support.ts'
import { preparations } from '../core/stack/event.ts'
import { departureSchema } from './departure.ts'
import { fingerSchema } from './finger.ts'
import { dryingClimateSchema, placeSchema, seasonSchema } from './room.ts'
import { airSchema, brushSetSchema, containerSchema, jarSchema } from './keeping.ts'
import { noAir } from './noAir.ts'
import { owedSchema } from './owed.ts'
import { patchSchema } from './patch.ts'
import { spotTestSchema } from './spotTest.ts'
import { shapeSchema } from './shape.ts'
import { habitIds } from '../core/soundness/habits.ts'
import { dateSchema, idSchema, nameSchema, noteSchema, photoSchema } from './values.ts'
import { practiceSchema } from './practice.ts'

/** Everything a studio keeps. Types are read off these schemas; nothing is declared twice. */

const chosen = <Item extends { readonly id: string }>(items: readonly Item[]) =>
  z.enum(items.map(({ id }) => id) as [string, ...string[]])

const awaySchema = z
  .object({ from: dateSchema, until: dateSchema })
  .refine(({ from, until }) => from <= until, {
    path: ['until'],
    message: 'You come back after you leave: the last day is not before the first.',
  })

const lineOfCheck = z.string().trim().min(1, 'Say what there is to check.').max(120)

export const settingsSchema = z.object({
  studioName: nameSchema,
  climate: dryingClimateSchema,
  /** How the studio's own room goes through the year where no reading says so. */
  season: seasonSchema.default('steady'),
  /** Other places where pictures dry. */
  places: z.array(placeSchema).max(20, 'At most 20 places.').default([]),
  workingDays: z.array(z.boolean()).length(7),
  /** Days nobody works, the last included. */
  away: z.array(awaySchema).max(60, 'At most 60 times away.').default([]),
  /** Hours of a working day, and those a layer takes where it does not say. */
  hoursADay: z.number().min(0.5, 'Half an hour a day at least.').max(24, 'A day has 24 hours.').default(6),
  hoursALayer: z.number().min(0.1, 'A layer takes some minutes.').max(24).default(2),
  /** The secret part of the calendar's address; null: no calendar is given out. */
  calendarKey: z
    .string()
    .regex(/^[a-z0-9]{20,64}$/)
    .nullable()
    .default(null),
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
  /** Cleaning jars that stand about, brushes by what they are kept for, and waste on its way out. */
  jars: z.array(jarSchema).max(20, 'At most 20 jars.').default([]),
  brushSets: z.array(brushSetSchema).max(60, 'At most 60 sets of brushes.').default([]),
  containers: z.array(containerSchema).max(20, 'At most 20 containers.').default([]),
  /** What the painter looks to besides at the end of a day. */
  ownChecks: z.array(lineOfCheck).max(12, 'At most 12 checks.').default([]),
  /** The room's air, and what is open in it on a day. */
  air: airSchema.default(noAir),
})
export type Settings = z.infer<typeof settingsSchema>

export const defaultSettings: Settings = {
  studioName: 'My studio',
  climate: { temperatureC: 20, relativeHumidityPct: 50, light: 1 },
  season: 'steady',
  places: [],
  workingDays: [true, true, true, true, true, false, false],
  away: [],
  hoursADay: 6,
  hoursALayer: 2,
  calendarKey: null,
  confidence: 0.8,
  spoons: 'metric',
  policies: [],
  dryingBounds: usualBounds,
  dipMl: {},
  jarUses: {},
  jars: [],
  brushSets: [],
  containers: [],
  ownChecks: [],
  air: noAir,
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
  /** How it is drawn on the map of the picture; empty: it is not drawn. */
  shapes: z.array(shapeSchema).max(40, 'At most 40 shapes make a part.').default([]),
  /** Its colour on the map. */
  colour: z
    .string()
    .regex(/^#[0-9a-f]{6}$/, 'A colour is written #rrggbb.')
    .nullable()
    .default(null),
})
export type AreaDocument = z.infer<typeof areaSchema>

/** What a date is that a picture must meet. */
export const meetings = ['shown', 'fetched', 'sent', 'handed-over'] as const
export const workStates = ['idea', 'in-work', 'resting', 'finished', 'gone'] as const
export type WorkState = (typeof workStates)[number]

const lineSchema = z.string().max(120, 'Keep it under 120 letters.')

/** What was painted here before; what is not known of it is taken as the worst. */
const oldPictureSchema = z.object({
  /** Its own record, where it has one, and what it is called. */
  paintingId: idSchema.nullable(),
  title: lineSchema.default(''),
  isVarnished: z.boolean(),
  isWaxy: z.boolean(),
  isGlossy: z.boolean(),
  /** Null: not known. */
  years: z.number().min(0).max(2000, 'A picture is at most 2000 years old.').nullable(),
  prepared: z.enum(preparations).nullable(),
})
export type OldPictureDocument = z.infer<typeof oldPictureSchema>

export const pictureDateSchema = z.object({
  what: z.enum(meetings),
  on: dateSchema,
  /** How far every film has to have come by then; absent: firm. */
  needs: z.enum(stateIds).optional(),
})
export type PictureDate = z.infer<typeof pictureDateSchema>

const pictureDates = z.array(pictureDateSchema).max(12, 'At most 12 dates.')

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
  /** Once it is finished: that practice as it was then. */
  keptPractice: practiceSchema.nullable().default(null),
  /** Findings the painter has taken on knowingly. */
  departures: z.array(departureSchema).max(200, 'At most 200 departures.').default([]),
  /** Its parts, each with its own stack; empty: it is all one. */
  areas: z
    .array(areaSchema)
    .max(mostAreas)
    .refine(fits, 'The parts of a picture come to no more than all of it. Make a share smaller.')
    .default([]),
  /** What is under it instead of a bare ground. */
  old: oldPictureSchema.nullable().default(null),
  /** The days it must meet, in whatever order they were written. */
  dates: pictureDates.default([]),
  state: z.enum(workStates).default('in-work'),
  /** For whom, and where it stands. */
  client: lineSchema.default(''),
  place: lineSchema.default(''),
  photos: z
    .array(z.object({ hash: photoSchema, on: dateSchema, note: lineSchema.default('') }))
    .max(200, 'At most 200 photographs.')
    .default([]),
  /** Where it dries, from which day on; empty: in the studio's own room. */
  moves: z
    .array(z.object({ placeId: idSchema, on: dateSchema }))
    .max(200, 'At most 200 moves.')
    .default([]),
  /** The photograph its map is drawn on; null: a bare rectangle. */
  mapPhoto: photoSchema.nullable().default(null),
  /** Its surface as it was seen, oldest first. */
  patches: z.array(patchSchema).max(400, 'At most 400 patches.').default([]),
  /** What was agreed of its varnish, where it leaves without; null: nothing. */
  owed: owedSchema.nullable().default(null),
  /** Solvents tried on it before a varnish was taken off. */
  spotTests: z.array(spotTestSchema).max(200, 'At most 200 spot tests.').default([]),
  /** Hints at soft habits that the painter does not want on this picture. */
  habitsOff: z.array(z.enum(habitIds)).default([]),
  note: noteSchema.default(''),
})
export type PaintingDocument = z.infer<typeof paintingSchema>

/** Version 1 knew one day it had to be ready. */
export function paintingFromVersion1({
  deadline,
  ...rest
}: Record<string, unknown>): Record<string, unknown> {
  return { ...rest, dates: typeof deadline === 'string' ? [{ what: 'shown', on: deadline }] : [] }
}

/** A hand on a layer. */
export const touchTestSchema = fingerSchema.extend({ layerId: idSchema })
export type TouchTest = z.infer<typeof touchTestSchema>

/** A stored thing with the revision it was read at. */
export type Revised<Body> = Body & { readonly revision: number }
