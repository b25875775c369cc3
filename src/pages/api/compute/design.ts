import { openAnswer } from '../../../document/answers.ts'
import { designRequest } from '../../../document/design.ts'
import { runForRequest, valueOf } from '../../../studio/threads.ts'
import { route } from '../_route.ts'

export const POST = route(
  {
    summary: 'A recipe that meets every wish, nearest to one at hand; or the wishes that exclude one another',
    body: designRequest,
    answer: openAnswer,
  },
  async ({ body, request }) => valueOf(await runForRequest('calculate', { what: 'design', body }, request)),
)
