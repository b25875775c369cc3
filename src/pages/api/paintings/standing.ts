import { madeAnswer } from '../../../document/answers.ts'
import { beginStandingRequest } from '../../../document/requests.ts'
import { beginStanding } from '../../../studio/begin.ts'
import { writing } from '../_route.ts'

export const POST = writing(
  {
    summary: 'Begin a painting with what is on it already and what is to come, in one step',
    body: beginStandingRequest,
    answer: madeAnswer,
    errors: [409],
  },
  (write, { body }) => beginStanding(write, body),
)
