import { writtenAnswer } from '../../../document/answers.ts'
import { gridRequest } from '../../../document/batch.ts'
import { createGrid } from '../../../studio/batches.ts'
import { writing } from '../_route.ts'

export const POST = writing(
  {
    summary: 'A batch for every cell of a variation grid',
    body: gridRequest,
    answer: writtenAnswer,
    errors: [404],
  },
  async (write, { body }) => {
    const written = await createGrid(write, body)
    return { ...written, cells: written.made.length }
  },
)
