import { z } from 'zod'
import { leaveDemo } from '../../../studio/demoWalk.ts'
import { route } from '../_route.ts'

export const POST = route(
  { summary: 'Ends the demo studio, and everything in it', answer: z.object({}), errors: [422] },
  () => {
    leaveDemo()
    return Promise.resolve({})
  },
)
