import { pageAnswer } from '../../document/answers.ts'
import { findIn, findQuery } from '../../studio/lists/finding.ts'
import { reading } from './_route.ts'

export const GET = reading(
  {
    summary:
      'Anything by name: ?in=medium,batch,shelf_item,painting and ?find=; of materials ?family=; ?first= ids that come first',
    answer: pageAnswer,
  },
  async (db, { url }) => findIn(db, findQuery(url.searchParams)),
)
