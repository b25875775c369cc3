import { writtenAnswer } from '../../../document/answers.ts'
import { removeRequest } from '../../../document/requests.ts'
import { removeTrial } from '../../../studio/trials.ts'
import { writing } from '../_route.ts'

export const DELETE = writing(
  {
    summary: 'Remove a trial; its swatches stay',
    body: removeRequest,
    answer: writtenAnswer,
    errors: [404, 409],
  },
  (write, { body, params }) => removeTrial(write, params['id']!, body.seen),
)
