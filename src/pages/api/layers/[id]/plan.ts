import { writtenAnswer } from '../../../../document/answers.ts'
import { planLayerRequest } from '../../../../document/requests.ts'
import { planLayer } from '../../../../studio/layers.ts'
import { writing } from '../../_route.ts'

export const POST = writing(
  {
    summary: 'Plan a layer for a day, or for as soon as it may be',
    body: planLayerRequest,
    answer: writtenAnswer,
    errors: [404],
  },
  (write, { body, params }) => planLayer(write, params['id']!, body.on),
)
