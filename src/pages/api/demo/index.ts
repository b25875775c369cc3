import { z } from 'zod'
import { openDemo } from '../../../studio/demoWalk.ts'
import { route } from '../_route.ts'

export const POST = route(
  {
    summary: 'Opens a demo studio beside this one; answers the port it is on',
    answer: z.object({ port: z.number() }),
  },
  () => openDemo(),
)
