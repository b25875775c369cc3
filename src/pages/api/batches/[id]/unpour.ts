import { writtenAnswer } from '../../../../document/answers.ts'
import { emptyRequest } from '../../../../document/batch.ts'
import { unpour } from '../../../../studio/batches.ts'
import { writing } from '../../_route.ts'

export const POST = writing(
  {
    summary: 'Take the last pour back; stock comes back with it',
    body: emptyRequest,
    answer: writtenAnswer,
    errors: [404],
  },
  (write, { params }) => unpour(write, params['id']!),
)
