import { openAnswer, writtenAnswer } from '../../../../document/answers.ts'
import { saveBatchRequest } from '../../../../document/batch.ts'
import { removeRequest } from '../../../../document/requests.ts'
import { batchOrRefuse } from '../../../../studio/lists/batchList.ts'
import { removeBatch, saveBatch } from '../../../../studio/batches.ts'
import { reading, writing } from '../../_route.ts'

export const GET = reading(
  { summary: 'A batch', answer: openAnswer, errors: [404] },
  async (db, { params }) => batchOrRefuse(db, params['id']!),
)

export const PUT = writing(
  {
    summary: 'Change a batch, but for its pours',
    body: saveBatchRequest,
    answer: writtenAnswer,
    errors: [404, 409],
  },
  (write, { body, params }) => saveBatch(write, params['id']!, body.batch, body.seen),
)

export const DELETE = writing(
  { summary: 'Remove a batch', body: removeRequest, answer: writtenAnswer, errors: [404, 409] },
  (write, { body, params }) => removeBatch(write, params['id']!, body.seen),
)
