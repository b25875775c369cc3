import { begunAnswer, takeOutRequest } from '../../../document/carrying.ts'
import { beginTakingOut } from '../../../studio/carrying/carry.ts'
import type { Ready } from '../../../studio/carrying/carry.ts'
import { ended } from '../../../studio/jobs.ts'
import { fetched } from '../_fetched.ts'
import { route } from '../_route.ts'

export const GET = route(
  { summary: 'The whole studio as one document (grelta.studio)', answer: 'application/json' },
  async () => {
    const { file, name } = (await ended(beginTakingOut(false).job)) as Ready
    return fetched(file, name)
  },
)

export const POST = route(
  {
    summary: 'Begins to take the studio out, as a document or as a zip with its photographs',
    body: takeOutRequest,
    answer: begunAnswer,
  },
  async ({ body: { photographs } }) => Promise.resolve(beginTakingOut(photographs)),
)
