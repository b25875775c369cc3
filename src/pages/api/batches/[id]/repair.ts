import { writtenAnswer } from '../../../../document/answers.ts'
import { emptyRequest } from '../../../../document/batch.ts'
import { repairBatch } from '../../../../studio/batches.ts'
import { writing } from '../../_route.ts'

export const POST = writing(
  {
    summary: 'Recompute the other lines around an overpour',
    body: emptyRequest,
    answer: writtenAnswer,
    errors: [404],
  },
  (write, { params }) => repairBatch(write, params['id']!),
)
