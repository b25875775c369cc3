import { openAnswer } from '../../../document/answers.ts'
import { ladderRequest } from '../../../document/compute.ts'
import { ladderAnswer } from '../../../studio/computing/compute.ts'
import { route } from '../_route.ts'

export const POST = route(
  {
    summary: 'What to add to a heap in each layer so that its oil climbs',
    body: ladderRequest,
    answer: openAnswer,
  },
  ({ body }) => Promise.resolve(ladderAnswer(body)),
)
