import { writtenAnswer } from '../../../document/answers.ts'
import { removeRequest } from '../../../document/requests.ts'
import { removeReading } from '../../../studio/readings.ts'
import { writing } from '../_route.ts'

export const DELETE = writing(
  { summary: 'Remove a reading', body: removeRequest, answer: writtenAnswer, errors: [404, 409] },
  (write, { body, params }) => removeReading(write, params['id']!, body.seen),
)
