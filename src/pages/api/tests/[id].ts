import { writtenAnswer } from '../../../document/answers.ts'
import { removeRequest } from '../../../document/requests.ts'
import { removeTouch } from '../../../studio/layers.ts'
import { writing } from '../_route.ts'

export const DELETE = writing(
  { summary: 'Take a touch test back', body: removeRequest, answer: writtenAnswer, errors: [404, 409] },
  (write, { body, params }) => removeTouch(write, params['id']!, body.seen),
)
