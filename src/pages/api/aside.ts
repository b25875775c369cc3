import { writtenAnswer, pageAnswer } from '../../document/answers.ts'
import { asideRequest } from '../../document/requests.ts'
import { asideList, settleAside } from '../../studio/asideList.ts'
import { reading, writing } from './_route.ts'

export const GET = reading(
  { summary: 'What is stored but cannot be read, as it is stored', answer: pageAnswer },
  async (db) => asideList(db),
)

export const POST = writing(
  {
    summary: 'Put back the last version that can be read, or take the thing away; both can be undone',
    body: asideRequest,
    answer: writtenAnswer,
    errors: [404],
  },
  (write, { body }) => settleAside(write, body),
)
