import { z } from 'zod'

/** What the studio answers, as far as a script may count on it. */

const thing = z.object({
  kind: z.string(),
  id: z.string(),
  revision: z.number(),
  body: z.record(z.string(), z.unknown()).nullable(),
})

export const writtenAnswer = z.looseObject({
  event: z.number(),
  what: z.string(),
  revisions: z.record(z.string(), z.number()),
  made: z.array(z.string()),
  things: z.array(thing),
})

export const madeAnswer = writtenAnswer.extend({ id: z.string() })

export const newsAnswer = z.object({
  event: z.number(),
  day: z.string(),
  things: z.array(thing),
  more: z.boolean(),
})

/** A page of a list: how many there are in all, and these of them. */
export const pageAnswer = z.looseObject({ count: z.number(), entries: z.array(z.looseObject({})) })

export const openAnswer = z.looseObject({})
