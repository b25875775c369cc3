import { writtenAnswer } from '../../../../document/answers.ts'
import { moveRequest } from '../../../../document/requests.ts'
import { movePainting } from '../../../../studio/paintings.ts'
import { writing } from '../../_route.ts'

export const POST = writing(
  {
    summary: 'Move a painting to another place to dry',
    body: moveRequest,
    answer: writtenAnswer,
    errors: [404],
  },
  (write, { body, params }) => movePainting(write, params['id']!, body),
)
