import { openAnswer } from '../../../document/answers.ts'
import { insidePage, lookedForIn } from '../../../studio/inside.ts'
import { nowMinute } from '../../../studio/studio.ts'
import { reading } from '../_route.ts'

export const GET = reading(
  {
    summary:
      'What hides in mediums, paints, materials and varnishes that the room forbids, and what would pass; ?for= solvent, lead, egg, acid, nuts, sensitisers',
    answer: openAnswer,
  },
  async (db, { url }) => insidePage(db, nowMinute(), lookedForIn(url.searchParams)),
)
