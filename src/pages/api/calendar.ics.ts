import { download } from './_answers.ts'
import { calendarNow } from './_calendar.ts'
import { route } from './_route.ts'

export const GET = route({ summary: 'The plan as an iCalendar file', answer: 'text/calendar' }, async () =>
  download(await calendarNow(), 'text/calendar', 'grelta-plan.ics'),
)
