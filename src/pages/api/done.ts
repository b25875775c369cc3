import { openAnswer } from '../../document/answers.ts'
import { doneIn } from '../../studio/done.ts'
import { reading } from './_route.ts'

export const GET = reading(
  {
    summary:
      'What was done, newest first: ?painting=, or ?kind= and ?id=, or the whole studio; ?before= an event',
    answer: openAnswer,
  },
  async (db, { url }) => doneIn(db, url.searchParams),
)
