import { writtenAnswer } from '../../../../document/answers.ts'
import { mixedRequest } from '../../../../document/palette.ts'
import { logMixed } from '../../../../studio/palette.ts'
import { writing } from '../../_route.ts'

export const POST = writing(
  {
    summary: 'Record what was really on the palette for a layer',
    body: mixedRequest,
    answer: writtenAnswer,
    errors: [404, 409],
  },
  (write, { body, params }) => logMixed(write, params['id']!, body),
)
