import { openAnswer, writtenAnswer } from '../../../document/answers.ts'
import { removeRequest } from '../../../document/requests.ts'
import { removeShelfItem } from '../../../studio/shelf.ts'
import { shelfItemOrRefuse } from '../../../studio/shelfList.ts'
import { reading, writing } from '../_route.ts'

export const DELETE = writing(
  {
    summary: 'Remove a lot or a material of your own',
    body: removeRequest,
    answer: writtenAnswer,
    errors: [404, 409],
  },
  (write, { body, params }) => removeShelfItem(write, params['id']!, body.seen),
)

export const GET = reading(
  { summary: 'A material of your own', answer: openAnswer, errors: [404] },
  async (db, { params }) => shelfItemOrRefuse(db, params['id']!),
)
