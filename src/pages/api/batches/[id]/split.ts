import { madeAnswer } from '../../../../document/answers.ts'
import { splitRequest } from '../../../../document/batch.ts'
import { splitBatch } from '../../../../studio/batches.ts'
import { withId } from '../../../../studio/commit.ts'
import { writing } from '../../_route.ts'

export const POST = writing(
  {
    summary: 'Take some of a finished batch as the beginning of another',
    body: splitRequest,
    answer: madeAnswer,
    errors: [404],
  },
  (write, { body, params }) => withId(splitBatch(write, params['id']!, body.grams, body.name)),
)
