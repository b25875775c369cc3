import { z } from 'zod'
import { stillToJudge } from '../../studio/studio.ts'
import { route } from './_route.ts'

export const GET = route(
  {
    summary: 'How many paintings are still being judged',
    answer: z.object({ left: z.number() }),
  },
  async () => ({ left: await stillToJudge(500) }),
)
