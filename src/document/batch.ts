import { z } from 'zod'
import { dropCountSchema, shelfItemSchema } from './shelf.ts'
import { dateSchema, idSchema, minuteSchema, nameSchema, noteSchema, photoSchema } from './values.ts'

const grams = z
  .number('Write a number of grams.')
  .positive('A weight must be above zero.')
  .max(1e6, 'That is over 1,000,000 g. Check the unit.')
const grade = z.number().int().min(1).max(5).nullable()

export const pourSchema = z.object({
  material: idSchema,
  grams,
  at: minuteSchema,
  /** What it took from counted stock, g: so much comes back when it is taken back. */
  drawnG: z.number().min(0).max(1e6).default(0),
})
export const targetSchema = z.object({ material: idSchema, grams: z.number().min(0).max(1e6) })

/** How a batch felt, 1 little to 5 much. */
export const feelings = ['viscosity', 'tack', 'string', 'spike', 'levelling'] as const
export type Feeling = (typeof feelings)[number]

/** One making of a medium: what was wanted, what was really poured, and what became of it. */
export const batchSchema = z.object({
  id: idSchema,
  name: nameSchema,
  number: z.number().int().min(1).max(1e6),
  /** The recipe it was begun from, and the batch it was taken from. */
  mediumId: idSchema.nullable(),
  parentId: idSchema.nullable(),
  targets: z.array(targetSchema).max(200),
  /** Whole drops for what the recipe counts in drops. */
  drops: z
    .array(z.object({ material: idSchema, drops: z.number().int().min(1).max(1e5), error: z.number() }))
    .max(200),
  /** Drops of what is in the jar, counted into a scale. */
  dropper: z.array(dropCountSchema).max(50).default([]),
  pours: z.array(pourSchema).max(2000),
  jarMl: z.number().positive('A jar holds more than nothing.').max(1e5).nullable(),
  /** What stays in the pot, share of the volume. */
  loss: z.number().min(0).max(0.6, 'Over 60 % lost is not a batch.'),
  keptCold: z.boolean(),
  doneSteps: z.array(z.string().max(40)).max(40),
  leftOut: z.array(z.string().max(40)).max(40),
  madeOn: minuteSchema.nullable(),
  /** Taken out of it since, ml: used, filled elsewhere, or thrown away. */
  taken: z
    .array(
      z.object({
        ml: z.number().positive('Take more than nothing.').max(1e6),
        what: nameSchema,
        at: minuteSchema,
      }),
    )
    .max(1000),
  looks: z.array(z.object({ on: dateSchema, found: z.enum(['clear', 'skin', 'thick', 'spoilt']) })).max(400),
  feel: z.object(Object.fromEntries(feelings.map((name) => [name, grade])) as Record<Feeling, typeof grade>),
  /** Content hash of its photograph. */
  photo: photoSchema.nullable(),
  /** The painter's own lots in it, as they were when it was made. */
  materials: z.array(shelfItemSchema).max(200),
  note: noteSchema.default(''),
})
export type Batch = z.infer<typeof batchSchema>

const amount = z.number().positive('Say how much: above zero.').max(1e6)
export const scaleBySchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('volume'), ml: amount }),
  z.object({ kind: z.literal('mass'), g: amount }),
  z.object({
    kind: z.literal('tubes'),
    count: z.number().int().min(1).max(1000),
    ml: amount,
    loss: z.number().min(0).max(0.6),
  }),
  z.object({ kind: z.literal('item'), material: idSchema, g: amount }),
  z.object({ kind: z.literal('budget'), coins: amount }),
])

export const createBatchRequest = z.object({
  mediumId: idSchema,
  by: scaleBySchema,
  jarMl: amount.nullable().default(null),
  byFeel: z.boolean().default(false),
  /** What stays in the pot, share of the volume. */
  loss: z.number().min(0).max(0.6).optional(),
})
export const saveBatchRequest = z.object({ batch: batchSchema, seen: z.number().int().min(0) })
export const pourRequest = z.object({ material: idSchema, grams })
export const emptyRequest = z.object({})
/** The name a batch goes by where it is not what it was meant to be. */
export const finishRequest = z.object({ name: nameSchema.optional() })
export const splitRequest = z.object({ grams, name: nameSchema })
export const gridRequest = z.object({
  mediumId: idSchema,
  across: z.object({ material: idSchema, shares: z.array(z.number().min(0).max(0.95)).min(1).max(12) }),
  down: z.object({ material: idSchema, shares: z.array(z.number().min(0).max(0.95)).min(1).max(12) }),
  cellG: amount,
})
