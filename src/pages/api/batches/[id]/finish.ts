import { writtenAnswer } from '../../../../document/answers.ts'
import { finishRequest } from '../../../../document/batch.ts'
import { finishBatch } from '../../../../studio/batches.ts'
import { writing } from '../../_route.ts'

export const POST = writing(
  { summary: 'Finish a batch', body: finishRequest, answer: writtenAnswer, errors: [404] },
  (write, { params, body }) => finishBatch(write, params['id']!, body.name),
)
