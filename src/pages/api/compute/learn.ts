import { openAnswer } from '../../../document/answers.ts'
import { learnRequest } from '../../../document/compute.ts'
import { runForRequest, valueOf } from '../../../studio/threads.ts'
import { route } from '../_route.ts'

export const POST = route(
  {
    summary: 'How a studio’s films differ from the book, by its checks',
    body: learnRequest,
    answer: openAnswer,
  },
  async ({ body, request }) => valueOf(await runForRequest('calculate', { what: 'learn', body }, request)),
)
