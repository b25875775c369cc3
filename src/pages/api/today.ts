import { z } from 'zod'
import { openAnswer } from '../../document/answers.ts'
import { nowMinute } from '../../studio/studio.ts'
import { morningOf, todayAtFirst } from '../../studio/lists/todayList.ts'
import { reading } from './_route.ts'

const most = z.coerce.number().int().min(1).max(100).catch(todayAtFirst)

export const GET = reading(
  {
    summary: 'What can be painted, should be touched or has to wait, ?most= of each; and the dates at risk',
    answer: openAnswer,
  },
  (db, { url }) => morningOf(db, nowMinute(), most.parse(url.searchParams.get('most'))),
)
