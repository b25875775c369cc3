import { z } from 'zod'
import { brushNames } from '../core/palette/carryOver.ts'
import { keepings } from '../core/palette/openTime.ts'
import { heapUnits } from './heapUnits.ts'
import { mostPaints } from './paints.ts'
import { besidesSchema, paintSchema } from './recipe.ts'
import { idSchema, minuteSchema, nameSchema } from './values.ts'

/** What lies on the palette for a layer: heaps, how they are conditioned, and what became of them. */

const ml = z.number().min(0, 'There cannot be less than none.').max(1e5)
const more = z.number('Write a number.').positive('A heap holds more than nothing.').max(1e5)

/** What was really stirred into a heap: whole drops where they were counted. */
const pouredSchema = z.object({
  mediumMl: ml,
  drops: z.number().int().min(1).max(1e5).nullable(),
  thinnerMl: ml,
  /** What else went in, ml: added to this heap alone, or brought in by brushes. */
  besides: besidesSchema.default([]),
})

/** A heap: a mixture of tubes, parts by volume; a squeeze is one of its first tube. */
export const heapSchema = z.object({
  id: idSchema,
  paints: z.array(paintSchema).min(1, 'A heap needs at least one paint.').max(mostPaints),
  amount: more,
  unit: z.enum(heapUnits),
  /** Stirred into this heap alone, ml. */
  added: besidesSchema.default([]),
  /** Dips of a brush out of a cleaning jar. */
  dips: z
    .object({
      liquid: idSchema,
      count: z.number().int().min(0).max(500),
      brush: z.enum(brushNames),
    })
    .nullable(),
  /** Opaque paint that was left in the brush. */
  stray: z.object({ pigment: idSchema, g: z.number().min(0).max(1000) }).nullable(),
  /** Null until it is mixed. */
  mixed: pouredSchema.extend({ at: minuteSchema, ml: more }).nullable(),
  /** Where it lay since it was mixed; the first place is where it was mixed. */
  kept: z.array(z.object({ where: z.enum(keepings), at: minuteSchema })).max(200),
})
export type HeapDocument = z.infer<typeof heapSchema>

export const paletteSchema = z.object({
  heaps: z.array(heapSchema).max(24, 'A palette holds at most 24 heaps.'),
  by: z.union([
    z.object({ proportion: z.number().min(0).max(20) }),
    z.object({ fatness: z.number().min(0.5).max(30) }),
  ]),
  /** Thinner of the wet mix by volume. */
  thinnerShare: z.number().min(0).max(0.9, 'Over 90 % thinner is no paint.'),
  /** Days since the medium in the dish was poured; null: fresh. */
  mediumAgeDays: z.number().min(0).max(3650).nullable(),
})
export type PaletteDocument = z.infer<typeof paletteSchema>

/** What was really on the palette, as it was then. Written by the studio alone. */
export const mixedSchema = z.object({
  at: minuteSchema,
  /** The medium by name; null: none. */
  medium: nameSchema.nullable(),
  thinner: idSchema.nullable(),
  heaps: z.array(pouredSchema.extend({ paints: z.array(paintSchema).max(mostPaints), ml: more })).max(24),
})

/** The heaps that are mixed now, with what was poured. */
export const mixedRequest = z.object({
  heaps: z
    .array(heapSchema.extend({ poured: pouredSchema, ml: more }))
    .min(1, 'Say which heaps are mixed.')
    .max(24),
})
export type MixedRequest = z.infer<typeof mixedRequest>
