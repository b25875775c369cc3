import { openAnswer } from '../../document/answers.ts'
import { horizonOf } from '../../studio/lists/horizon.ts'
import { nowMinute } from '../../studio/studio.ts'
import { reading } from './_route.ts'

export const GET = reading(
  { summary: 'All that dries or is still painted, along the calendar', answer: openAnswer },
  (db) => horizonOf(db, nowMinute()),
)
