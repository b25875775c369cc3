import { writtenAnswer } from '../../../../document/answers.ts'
import { removeRequest } from '../../../../document/requests.ts'
import { removeSwatch } from '../../../../studio/swatches.ts'
import { writing } from '../../_route.ts'

export const DELETE = writing(
  { summary: 'Remove a swatch', body: removeRequest, answer: writtenAnswer, errors: [404, 409] },
  (write, { body, params }) => removeSwatch(write, params['id']!, body.seen),
)
