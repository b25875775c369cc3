import { writtenAnswer } from '../../../../document/answers.ts'
import { tickRequest } from '../../../../document/requests.ts'
import { tick } from '../../../../studio/evening.ts'
import { writing } from '../../_route.ts'

export const POST = writing(
  { summary: 'Say that something of a day is put away, or not', body: tickRequest, answer: writtenAnswer },
  (write, { body, params }) => tick(write, params['on']!, body),
)
