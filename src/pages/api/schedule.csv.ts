import { scheduleToCsv } from '../../studio/csv/listsCsv.ts'
import { nowMinute, studioFolder } from '../../studio/studio.ts'
import { runTask } from '../../studio/threads.ts'
import { csvDownload } from './_answers.ts'
import { route } from './_route.ts'

export const GET = route(
  { summary: 'What is ahead as CSV, as the calendar is told it', answer: 'text/csv' },
  async ({ url }) => {
    const entries = await runTask('calendar', { folder: await studioFolder(), now: nowMinute() })
    return csvDownload(scheduleToCsv(entries), 'grelta-schedule.csv', url)
  },
)
