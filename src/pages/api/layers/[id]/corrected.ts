import { writtenAnswer } from '../../../../document/answers.ts'
import { correctedRequest } from '../../../../document/requests.ts'
import { correctPainted } from '../../../../studio/painted.ts'
import { writing } from '../../_route.ts'

export const POST = writing(
  {
    summary: 'Put right what is on record of a painted layer; what was said before stays beside it',
    body: correctedRequest,
    answer: writtenAnswer,
    errors: [404, 409],
  },
  (write, { body, params }) => correctPainted(write, params['id']!, body),
)
