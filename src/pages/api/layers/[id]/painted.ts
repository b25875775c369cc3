import { writtenAnswer } from '../../../../document/answers.ts'
import { paintedRequest } from '../../../../document/requests.ts'
import { logPainted, takeBackPainted } from '../../../../studio/painted.ts'
import { writing } from '../../_route.ts'

export const POST = writing(
  { summary: 'Log a layer as painted', body: paintedRequest, answer: writtenAnswer, errors: [404, 409] },
  (write, { body, params }) => logPainted(write, params['id']!, body),
)

export const DELETE = writing(
  {
    summary: 'Say that a layer was not painted after all; what was said before stays on record',
    answer: writtenAnswer,
    errors: [404, 409],
  },
  (write, { params }) => takeBackPainted(write, params['id']!),
)
