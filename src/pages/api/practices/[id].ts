import { writtenAnswer } from '../../../document/answers.ts'
import { removeRequest } from '../../../document/requests.ts'
import { removePractice } from '../../../studio/practices.ts'
import { writing } from '../_route.ts'

export const DELETE = writing(
  {
    summary: 'Go back to a practice as shipped, or remove one of your own',
    body: removeRequest,
    answer: writtenAnswer,
    errors: [404, 409],
  },
  (write, { body, params }) => removePractice(write, params['id']!, body.seen),
)
