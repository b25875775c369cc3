import { madeAnswer } from '../../../../document/answers.ts'
import { replacedRequest } from '../../../../document/requests.ts'
import { mediumReplaced } from '../../../../studio/replaced.ts'
import { writing } from '../../_route.ts'

export const POST = writing(
  {
    summary: 'Write a medium anew with other materials in it; the old one stays',
    body: replacedRequest,
    answer: madeAnswer,
    errors: [404, 422],
  },
  (write, { body, params }) => mediumReplaced(write, params['id']!, body.replacements, body.id),
)
