import { openAnswer } from '../../document/answers.ts'
import { eveningPage } from '../../studio/lists/eveningPage.ts'
import { nowMinute } from '../../studio/studio.ts'
import { reading } from './_route.ts'

export const GET = reading(
  { summary: 'What today leaves to be put away, and what of the days before still is', answer: openAnswer },
  async (db) => eveningPage(db, nowMinute()),
)
