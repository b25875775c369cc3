import { writtenAnswer } from '../../../../document/answers.ts'
import { forgetAddress } from '../../../../studio/paintings.ts'
import { writing } from '../../_route.ts'
import { z } from 'zod'

export const POST = writing(
  {
    summary: 'Forget where the owner of a painting lives, in what was before as well',
    body: z.object({}),
    answer: writtenAnswer,
    errors: [404],
  },
  (write, { params }) => forgetAddress(write, params['id']!),
)
