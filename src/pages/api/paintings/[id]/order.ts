import { writtenAnswer } from '../../../../document/answers.ts'
import { orderRequest } from '../../../../document/requests.ts'
import { orderLayers } from '../../../../studio/layers.ts'
import { writing } from '../../_route.ts'

export const PUT = writing(
  {
    summary: 'Put the layers in this order, bottom first',
    body: orderRequest,
    answer: writtenAnswer,
    errors: [404, 409],
  },
  (write, { body, params }) => orderLayers(write, params['id']!, body.layerIds, body.was),
)
