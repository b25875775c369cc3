import { writtenAnswer } from '../../../document/answers.ts'
import { countsRequest, removeRequest } from '../../../document/requests.ts'
import { countTouch, removeTouch } from '../../../studio/layers.ts'
import { writing } from '../_route.ts'

export const DELETE = writing(
  { summary: 'Take a touch test back', body: removeRequest, answer: writtenAnswer, errors: [404, 409] },
  (write, { body, params }) => removeTouch(write, params['id']!, body.seen),
)

export const PUT = writing(
  {
    summary: 'Take a touch test out of all reckoning, or back into it',
    body: countsRequest,
    answer: writtenAnswer,
    errors: [404, 409],
  },
  (write, { body, params }) => countTouch(write, params['id']!, body.counts, body.seen),
)
