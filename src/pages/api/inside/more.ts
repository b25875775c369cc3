import { pageAnswer } from '../../../document/answers.ts'
import { insideGroups, lookedForIn } from '../../../studio/lists/inside.ts'
import type { LookedThrough } from '../../../studio/lists/inside.ts'
import { pageAsked } from '../../../studio/listPage.ts'
import type { ListPage } from '../../../studio/listPage.ts'
import { nowMinute, studioFolder } from '../../../studio/studio.ts'
import { runTask } from '../../../studio/threads.ts'
import { route } from '../_route.ts'

export const GET = route(
  {
    summary: `More of what hides something: ?for= as above, ?group= ${insideGroups.join(', ')}, ?from=`,
    answer: pageAnswer,
  },
  async ({ url: { searchParams } }): Promise<ListPage<LookedThrough>> => {
    const group = insideGroups.find((one) => one === searchParams.get('group')) ?? 'asked'
    const { from } = pageAsked(searchParams)
    const wanted = lookedForIn(searchParams)
    return runTask('insideFrom', { folder: await studioFolder(), now: nowMinute(), wanted, group, from })
  },
)
