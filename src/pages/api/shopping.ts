import { pageAnswer } from '../../document/answers.ts'
import { shoppingList } from '../../studio/lists/shopping.ts'
import { nowMinute } from '../../studio/studio.ts'
import { reading } from './_route.ts'

export const GET = reading(
  { summary: 'What the planned layers need of each medium and tube, and what is short', answer: pageAnswer },
  (db) => shoppingList(db, nowMinute()),
)
