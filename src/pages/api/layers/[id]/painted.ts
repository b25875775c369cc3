import { writtenAnswer } from '../../../../document/answers.ts'
import { paintedRequest } from '../../../../document/requests.ts'
import { logPainted } from '../../../../studio/layers.ts'
import { writing } from '../../_route.ts'

export const POST = writing(
  { summary: 'Log a layer as painted', body: paintedRequest, answer: writtenAnswer, errors: [404] },
  (write, { body, params }) => logPainted(write, params['id']!, body.paintedAt),
)
