import { writtenAnswer } from '../../../../document/answers.ts'
import { saveLayersRequest } from '../../../../document/requests.ts'
import { saveLayers } from '../../../../studio/layers.ts'
import { writing } from '../../_route.ts'

export const PUT = writing(
  {
    summary: 'Add or change several layers of a painting in one step',
    body: saveLayersRequest,
    answer: writtenAnswer,
    errors: [404, 409],
  },
  (write, { body, params }) => saveLayers(write, params['id']!, body.layers),
)
