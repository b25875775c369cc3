import { writtenAnswer } from '../../../../document/answers.ts'
import { removeRequest } from '../../../../document/requests.ts'
import { removeLayer } from '../../../../studio/layers.ts'
import { writing } from '../../_route.ts'

export const DELETE = writing(
  { summary: 'Remove a layer', body: removeRequest, answer: writtenAnswer, errors: [404, 409] },
  (write, { body, params }) => removeLayer(write, params['id']!, body.seen),
)
