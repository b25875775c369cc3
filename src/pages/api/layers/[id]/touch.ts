import { writtenAnswer } from '../../../../document/answers.ts'
import { touchRequest } from '../../../../document/requests.ts'
import { logTouch } from '../../../../studio/layers.ts'
import { writing } from '../../_route.ts'

export const POST = writing(
  { summary: 'Log how a layer feels to the touch', body: touchRequest, answer: writtenAnswer, errors: [404] },
  (write, { body, params }) => logTouch(write, { layerId: params['id']!, ...body }),
)
