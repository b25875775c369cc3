import { z } from 'zod'

/** What is sent and answered where a studio is taken out, brought in, kept and put back. */

export const takeOutRequest = z.object({ photographs: z.boolean() })

const side = z.enum(['here', 'file'], { error: 'Say "here" or "file".' })

export const bringInRequest = z.object({
  /** Which side is taken where both changed the same. */
  clashes: side,
  /** Things for which it is the other one, by "kind/id". */
  but: z.record(z.string().max(140), side).default({}),
})

/** Work that was begun; GET /api/jobs/{job} tells how far it is. */
export const begunAnswer = z.object({ job: z.string() })

export const jobAnswer = z.object({
  id: z.string(),
  is: z.enum(['running', 'done']),
  done: z.number(),
  /** 0: not known. */
  of: z.number(),
  answer: z.unknown(),
})

/** A place among those that are plugged in; null: none. */
export const placeRequest = z.object({ id: z.string().max(40).nullable() })
