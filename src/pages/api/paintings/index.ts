import { pageAnswer, writtenAnswer } from '../../../document/answers.ts'
import { savePaintingRequest } from '../../../document/requests.ts'
import { paintingPage, paintingsQuery } from '../../../studio/lists/paintingList.ts'
import { savePainting } from '../../../studio/paintings.ts'
import { nowMinute } from '../../../studio/studio.ts'
import { reading, writing } from '../_route.ts'

export const PUT = writing(
  { summary: 'Begin or change a painting', body: savePaintingRequest, answer: writtenAnswer, errors: [409] },
  (write, { body }) => savePainting(write, body.painting, body.seen),
)

export const GET = reading(
  {
    summary:
      'Paintings, a page at a time: ?find= in title, place and whom for; ?state= idea, in-work, resting, finished, gone; ?order= title, date, verdict',
    answer: pageAnswer,
  },
  async (db, { url }) => paintingPage(db, nowMinute(), paintingsQuery(url.searchParams)),
)
