import { z } from 'zod'
import { dayOf } from '../core/plan/calendar.ts'
import { unitIds } from '../core/measure/units.ts'
import './plainFaults.ts'

/** The small values every document is made of, with their bounds and what to say when they are out of them. */

export const idSchema = z
  .string()
  .regex(/^[a-z0-9][a-z0-9_-]{0,63}$/, 'An id is letters, digits, - and _, at most 64.')
export const nameSchema = z
  .string()
  .trim()
  .min(1, 'Give it a name.')
  .max(120, 'Keep the name under 120 letters.')
export const noteSchema = z.string().max(4000, 'Keep the note under 4000 letters.')

export const dateSchema = z
  .string()
  .refine((text) => /^\d{4}-\d{2}-\d{2}$/.test(text) && dayOf(text) !== null, 'Write the date as 2026-11-24.')
export const minuteSchema = z
  .string()
  .refine(
    (text) => /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/.test(text) && dayOf(text) !== null,
    'Write the time as 2026-11-24T15:00.',
  )

/** When it was tapped on a page that may have had to wait with it; it counts where the studio's clock is past it. */
export const tappedSchema = minuteSchema.optional()

export const unitSchema = z.enum(unitIds, { error: `Use one of these units: ${unitIds.join(', ')}.` })
const quantity = z
  .number('Write a number.')
  .positive('An amount must be above zero.')
  .min(1e-9, 'That is too little to weigh. Check the amount.')
  .max(1e6, 'That is over 1,000,000. Check the unit.')
export const amountSchema = z.object({ amount: quantity, unit: unitSchema })
export const partsSchema = z
  .number('Write a number.')
  .min(0, 'Parts cannot be below zero.')
  .max(1e6, 'That is over 1,000,000 parts.')

export const thicknessUmSchema = z
  .number('Write a number of µm.')
  .min(0.1, 'A layer is at least 0.1 µm thick. If you typed millimetres, 1 mm is 1000 µm.')
  .max(20000, 'A layer is at most 20,000 µm (2 cm) thick.')

/** Content hash of a photograph. */
export const photoSchema = z.string().regex(/^[0-9a-f]{64}$/)

export const climateSchema = z.object({
  temperatureC: z.number().min(-10).max(45),
  relativeHumidityPct: z.number().min(0).max(100),
  light: z.number().min(0.1).max(3).default(1),
})
