import { z } from 'zod'
import { transparencies } from '../core/materials/material.ts'
import { ownHazards } from '../core/materials/own.ts'
import { lightfastnesses, paintSpeeds } from '../core/palette/speeds.ts'
import { tubeSchema } from './recipe.ts'
import { dropCountSchema, priceSchema } from './shelf.ts'
import {
  climateSchema,
  dateSchema,
  idSchema,
  nameSchema,
  noteSchema,
  photoSchema,
  thicknessUmSchema,
} from './values.ts'

const grams = z.number('Write a number of grams.').positive('It must weigh something.').max(1000)

/** A weighed streak: dried through, or its oil washed out and the powder dried. */
export const streakSchema = z.object({
  on: dateSchema,
  how: z.enum(['dried', 'washed']),
  wetG: grams,
  leftG: grams,
})

/** A streak of known thickness, and the days after which a light finger came away clean. */
export const dryingTestSchema = z.object({
  on: dateSchema,
  thicknessUm: thicknessUmSchema,
  touchDays: z
    .number('Write a number of days.')
    .min(0.05, 'Sooner than in an hour nothing is touch dry.')
    .max(2000, 'Over 2000 days is no drying test.'),
  climate: climateSchema.refine(
    ({ temperatureC }) => temperatureC >= 5 && temperatureC <= 35,
    'Drying is told between 5 and 35 °C only.',
  ),
})

/** A tube of paint of the painter's own. Null: as the book says of its pigments and its oil, or not kept count of. */
export const ownTubeSchema = z.object({
  id: idSchema,
  name: nameSchema,
  pigments: tubeSchema.shape.pigments,
  oil: idSchema,
  /** Oil by mass in percent, as the maker gives it. */
  oilPercent: z
    .number('Write a number.')
    .min(3, 'A tube holds at least 3 % oil.')
    .max(90, 'A tube holds at most 90 % oil.')
    .nullable(),
  /** As the maker says; its own drying tests are believed before that. */
  speed: z.enum(paintSpeeds).nullable(),
  transparency: z.enum(transparencies).nullable(),
  sinkingTendency: z.number().min(1).max(5).nullable(),
  lightfastness: z.enum(lightfastnesses).nullable(),
  hazards: z.array(z.enum(ownHazards)).max(12),
  streaks: z.array(streakSchema).max(20),
  dryingTests: z.array(dryingTestSchema).max(50),
  /** How many squeezes weighed how much. */
  squeezes: z.array(dropCountSchema).max(50),
  price: priceSchema.nullable(),
  leftMl: z.number().min(0, 'There cannot be less than none.').max(1e5).nullable(),
  openedOn: dateSchema.nullable(),
  /** "#c08a2e": as the painter picked it. */
  colour: z
    .string()
    .regex(/^#[0-9a-f]{6}$/, 'A colour is # and six digits, such as #c08a2e.')
    .nullable(),
  photo: photoSchema.nullable(),
  note: noteSchema.default(''),
})
export type OwnTube = z.infer<typeof ownTubeSchema>
