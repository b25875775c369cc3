import { openAnswer } from '../../../document/answers.ts'
import { mendRequest } from '../../../document/compute.ts'
import { runForRequest, valueOf } from '../../../studio/threads.ts'
import { route } from '../_route.ts'

export const POST = route(
  { summary: 'What takes a finding away, cheapest first', body: mendRequest, answer: openAnswer },
  async ({ body, request }) => valueOf(await runForRequest('calculate', { what: 'mend', body }, request)),
)
