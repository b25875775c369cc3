import { openAnswer } from '../../../document/answers.ts'
import { cureRequest } from '../../../document/compute.ts'
import { runForRequest, valueOf } from '../../../studio/threads.ts'
import { route } from '../_route.ts'

export const POST = route(
  { summary: 'Days until each layer reaches each state', body: cureRequest, answer: openAnswer },
  async ({ body, request }) => valueOf(await runForRequest('calculate', { what: 'cure', body }, request)),
)
