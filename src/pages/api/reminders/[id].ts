import { writtenAnswer } from '../../../document/answers.ts'
import { removeRequest } from '../../../document/requests.ts'
import { removeReminder } from '../../../studio/reminders.ts'
import { writing } from '../_route.ts'

export const DELETE = writing(
  { summary: 'Remove a reminder', body: removeRequest, answer: writtenAnswer, errors: [404, 409] },
  (write, { body, params }) => removeReminder(write, params['id']!, body.seen),
)
