import { writtenAnswer } from '../../../document/answers.ts'
import { saveLayerRequest } from '../../../document/requests.ts'
import { saveLayer } from '../../../studio/layers.ts'
import { writing } from '../_route.ts'

export const PUT = writing(
  { summary: 'Add or change a layer', body: saveLayerRequest, answer: writtenAnswer, errors: [404, 409] },
  (write, { body }) => saveLayer(write, body.layer, body.seen),
)
