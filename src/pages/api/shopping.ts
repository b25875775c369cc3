import { pageAnswer } from '../../document/answers.ts'
import { shortagesIn } from '../../studio/batchList.ts'
import { nowMinute } from '../../studio/studio.ts'
import { reading } from './_route.ts'

export const GET = reading(
  { summary: 'What the planned layers need of each medium, and what is short', answer: pageAnswer },
  (db) => shortagesIn(db, nowMinute()),
)
