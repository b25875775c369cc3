import { writtenAnswer } from '../../../../document/answers.ts'
import { fingerRequest } from '../../../../document/requests.ts'
import { touchSwatch } from '../../../../studio/swatches.ts'
import { writing } from '../../_route.ts'

export const POST = writing(
  { summary: 'Log a hand on a swatch', body: fingerRequest, answer: writtenAnswer, errors: [404] },
  (write, { body, params }) => touchSwatch(write, params['id']!, body),
)
