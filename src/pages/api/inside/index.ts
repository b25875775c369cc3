import { openAnswer } from '../../../document/answers.ts'
import { lookedForIn } from '../../../studio/lists/inside.ts'
import type { InsidePage } from '../../../studio/lists/inside.ts'
import { nowMinute, studioFolder } from '../../../studio/studio.ts'
import { runTask } from '../../../studio/threads.ts'
import { route } from '../_route.ts'

export const GET = route(
  {
    summary:
      'What hides in mediums, paints, materials and varnishes that the room forbids, and what would pass; ?for= solvent, lead, egg, acid, nuts, sensitisers',
    answer: openAnswer,
  },
  async ({ url }): Promise<InsidePage> => {
    const wanted = lookedForIn(url.searchParams)
    return runTask('inside', { folder: await studioFolder(), now: nowMinute(), wanted })
  },
)
