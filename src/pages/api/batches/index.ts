import { createBatchRequest } from '../../../document/batch.ts'
import { madeAnswer, pageAnswer } from '../../../document/answers.ts'
import { createBatch } from '../../../studio/batches.ts'
import { batchPage, batchQuery } from '../../../studio/lists/batchList.ts'
import { withId } from '../../../studio/commit.ts'
import { nowMinute } from '../../../studio/studio.ts'
import { reading, writing } from '../_route.ts'

export const POST = writing(
  {
    summary: 'Begin a batch of a medium, scaled',
    body: createBatchRequest,
    answer: madeAnswer,
    errors: [404],
  },
  (write, { body }) => withId(createBatch(write, body)),
)

export const GET = reading(
  { summary: 'Batches, found by name, in order of how they felt, a page at a time', answer: pageAnswer },
  async (db, { url }) => batchPage(db, nowMinute(), batchQuery(url.searchParams)),
)
