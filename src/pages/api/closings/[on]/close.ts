import { writtenAnswer } from '../../../../document/answers.ts'
import { closeRequest } from '../../../../document/requests.ts'
import { closeDay } from '../../../../studio/evening.ts'
import { writing } from '../../_route.ts'

export const POST = writing(
  {
    summary: 'Call a day put away; refused while anything of it is about, the rags first',
    body: closeRequest,
    answer: writtenAnswer,
    errors: [422],
  },
  (write, { body, params }) => closeDay(write, params['on']!, body.tapped),
)
