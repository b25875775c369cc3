import { newsAnswer } from '../../document/answers.ts'
import { newsSince } from '../../studio/news.ts'
import { nowMinute } from '../../studio/studio.ts'
import { reading } from './_route.ts'

export const GET = reading(
  { summary: 'What was changed after an event (?event=), as it stands now', answer: newsAnswer },
  async (db, { url }) => newsSince(db, Number(url.searchParams.get('event')) || 0, nowMinute().slice(0, 10)),
)
