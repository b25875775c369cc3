import { nowMinute, stillToJudge, studioFolder } from '../../studio/studio.ts'
import { runTask } from '../../studio/threads.ts'
import { download } from './_answers.ts'
import { route } from './_route.ts'

/** A calendar is read by programs that come again; it waits longer than a page for what is being judged. */
const patienceMs = 1000

export const GET = route({ summary: 'The plan as an iCalendar file', answer: 'text/calendar' }, async () => {
  await stillToJudge(patienceMs)
  const text = await runTask('calendar', { folder: await studioFolder(), now: nowMinute() })
  return download(text, 'text/calendar', 'grelta-plan.ics')
})
