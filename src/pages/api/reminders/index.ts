import { writtenAnswer } from '../../../document/answers.ts'
import { saveReminderRequest } from '../../../document/requests.ts'
import { saveReminder } from '../../../studio/reminders.ts'
import { writing } from '../_route.ts'

export const PUT = writing(
  { summary: 'Add or change a reminder', body: saveReminderRequest, answer: writtenAnswer, errors: [409] },
  (write, { body }) => saveReminder(write, body.reminder, body.seen),
)
