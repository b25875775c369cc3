import { z } from 'zod'
import { begunAnswer, bringInRequest } from '../../../document/carrying.ts'
import { beginBringingIn } from '../../../studio/carrying/carry.ts'
import { dropPassing } from '../../../studio/carrying/passing.ts'
import { route, writing } from '../_route.ts'

export const POST = writing(
  {
    summary: 'Begins to bring in a studio that was looked through: all of it, or nothing',
    body: bringInRequest,
    answer: begunAnswer,
    errors: [404],
  },
  (write, { params, body }) => Promise.resolve(beginBringingIn(write, params['id']!, body)),
)

export const DELETE = route(
  { summary: 'Drops a studio that was received', answer: z.object({}) },
  async ({ params }) => {
    await dropPassing(params['id']!)
    return {}
  },
)
