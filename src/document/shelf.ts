import { z } from 'zod'
import { classNames, families, leavingClasses } from '../core/materials/material.ts'
import type { ClassName } from '../core/materials/material.ts'
import { findInLibrary } from '../core/materials/find.ts'
import { ownHazards } from '../core/materials/own.ts'
import { amountSchema, dateSchema, idSchema, nameSchema, noteSchema } from './values.ts'

const share = z
  .number('Write a number.')
  .min(0, 'A share cannot be below zero.')
  .max(1, 'A share is at most 1, that is 100 %.')

export const dropCountSchema = z.object({
  drops: z.number().int('Count whole drops.').min(1, 'Count at least one drop.').max(10000),
  grams: z.number().positive('The drops must weigh something.').max(10000),
})

/** What was paid for how much. */
export const priceSchema = z.object({
  coins: z.number().positive('A price must be above zero.').max(1e7),
  for: amountSchema,
})

const staying = classNames.filter((name) => !leavingClasses.includes(name)) as readonly Exclude<
  ClassName,
  'volatile' | 'water'
>[]
const staysSchema = z.partialRecord(z.enum(staying), share)

/** A lot of a material, or a material of the painter's own. An entry with the id of a library material overrides the book. */
export const shelfItemSchema = z
  .object({
    id: idSchema,
    name: nameSchema,
    base: idSchema.nullable(),
    family: z.enum(families),
    densityGPerMl: z
      .number()
      .min(0.3, 'A density is at least 0.3 g/ml.')
      .max(20, 'A density is at most 20 g/ml.')
      .nullable(),
    nonVolatile: z
      .object({ low: share, high: share })
      .refine(({ low, high }) => low <= high && high > 0, 'Give the lower share first; something must stay.')
      .nullable(),
    stays: staysSchema,
    hazards: z.array(z.enum(ownHazards)).max(12).default([]),
    iodine: z
      .object({ low: z.number().min(0).max(300), high: z.number().min(0).max(300) })
      .refine(({ low, high }) => low <= high, 'Give the lower iodine value first.')
      .nullable()
      .default(null),
    rate: z.number().min(0).max(50).nullable(),
    price: priceSchema.nullable(),
    /** How much is left, g; null: not kept count of. */
    stockG: z.number().min(0, 'There cannot be less than none.').max(1e6).nullable().default(null),
    dropper: z.array(dropCountSchema).max(50),
    openedOn: dateSchema.nullable(),
    note: noteSchema.default(''),
  })
  .refine(({ base }) => base === null || findInLibrary(base) !== undefined, {
    path: ['base'],
    message: 'The library has no such material. Choose one from the list.',
  })
  .refine(({ base, stays }) => base !== null || Object.values(stays).some((part) => part > 0), {
    path: ['stays'],
    message: 'Say what it is made of: at least one of oil, alkyd, resin, wax and so on.',
  })
  .refine(({ base, densityGPerMl }) => base !== null || densityGPerMl !== null, {
    path: ['densityGPerMl'],
    message: 'Give its density in g/ml: weigh 10 ml of it and divide by 10.',
  })

export type ShelfItem = z.infer<typeof shelfItemSchema>
