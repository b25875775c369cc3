import { openAnswer } from '../../../document/answers.ts'
import { planRequest } from '../../../document/compute.ts'
import { runForRequest, valueOf } from '../../../studio/threads.ts'
import { route } from '../_route.ts'

export const POST = route(
  {
    summary: 'Dates of a stack, its chance, and the last day to begin it',
    body: planRequest,
    answer: openAnswer,
  },
  async ({ body, request }) => valueOf(await runForRequest('calculate', { what: 'plan', body }, request)),
)
