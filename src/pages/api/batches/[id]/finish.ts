import { writtenAnswer } from '../../../../document/answers.ts'
import { emptyRequest } from '../../../../document/batch.ts'
import { finishBatch } from '../../../../studio/batches.ts'
import { writing } from '../../_route.ts'

export const POST = writing(
  { summary: 'Finish a batch', body: emptyRequest, answer: writtenAnswer, errors: [404] },
  (write, { params }) => finishBatch(write, params['id']!),
)
