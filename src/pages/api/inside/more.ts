import { pageAnswer } from '../../../document/answers.ts'
import { insideGroups, lookedForIn, moreInside } from '../../../studio/inside.ts'
import { nowMinute } from '../../../studio/studio.ts'
import { reading } from '../_route.ts'

export const GET = reading(
  {
    summary: `More of what hides something: ?for= as above, ?group= ${insideGroups.join(', ')}, ?from=`,
    answer: pageAnswer,
  },
  async (db, { url: { searchParams } }) => {
    const group = insideGroups.find((one) => one === searchParams.get('group')) ?? 'asked'
    const from = Number(searchParams.get('from')) || 0
    return moreInside(db, nowMinute(), lookedForIn(searchParams), group, from)
  },
)
