import { openAnswer } from '../../../document/answers.ts'
import { soundnessRequest } from '../../../document/compute.ts'
import { runForRequest, valueOf } from '../../../studio/threads.ts'
import { route } from '../_route.ts'

export const POST = route(
  { summary: 'Verdict and findings for a stack of layers', body: soundnessRequest, answer: openAnswer },
  async ({ body, request }) =>
    valueOf(await runForRequest('calculate', { what: 'soundness', body }, request)),
)
