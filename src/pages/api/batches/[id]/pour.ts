import { writtenAnswer } from '../../../../document/answers.ts'
import { pourRequest } from '../../../../document/batch.ts'
import { pour } from '../../../../studio/batches.ts'
import { writing } from '../../_route.ts'

export const POST = writing(
  {
    summary: 'Pour so much of a material; stock goes down with it',
    body: pourRequest,
    answer: writtenAnswer,
    errors: [404],
  },
  (write, { body, params }) => pour(write, params['id']!, body.material, body.grams),
)
