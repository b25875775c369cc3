import { writtenAnswer } from '../../../document/answers.ts'
import { savePracticeRequest } from '../../../document/requests.ts'
import { savePractice } from '../../../studio/practices.ts'
import { writing } from '../_route.ts'

export const PUT = writing(
  {
    summary: 'Change a shipped practice, or add or change one of your own',
    body: savePracticeRequest,
    answer: writtenAnswer,
    errors: [409],
  },
  (write, { body }) => savePractice(write, body.practice, body.seen),
)
