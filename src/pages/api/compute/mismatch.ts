import { openAnswer } from '../../../document/answers.ts'
import { mismatchRequest } from '../../../document/compute.ts'
import { runForRequest, valueOf } from '../../../studio/threads.ts'
import { route } from '../_route.ts'

export const POST = route(
  { summary: 'How badly layers move against one another', body: mismatchRequest, answer: openAnswer },
  async ({ body, request }) => valueOf(await runForRequest('calculate', { what: 'mismatch', body }, request)),
)
