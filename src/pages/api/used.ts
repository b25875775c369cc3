import { openAnswer } from '../../document/answers.ts'
import { usedPage } from '../../studio/lists/used.ts'
import { reading } from './_route.ts'

export const GET = reading(
  { summary: 'Painted layers of every picture that hold something: ?find=stand oil', answer: openAnswer },
  async (db, { url }) => usedPage(db, url.searchParams.get('find') ?? ''),
)
