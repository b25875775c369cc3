import { pageAnswer, writtenAnswer } from '../../../document/answers.ts'
import { savePaintingRequest } from '../../../document/requests.ts'
import { paintingPage } from '../../../studio/paintingList.ts'
import { savePainting } from '../../../studio/paintings.ts'
import { nowMinute } from '../../../studio/studio.ts'
import { reading, writing } from '../_route.ts'

export const PUT = writing(
  { summary: 'Begin or change a painting', body: savePaintingRequest, answer: writtenAnswer, errors: [409] },
  (write, { body }) => savePainting(write, body.painting, body.seen),
)

export const GET = reading(
  { summary: 'Paintings, found by title, a page at a time', answer: pageAnswer },
  async (db, { url }) =>
    paintingPage(db, nowMinute(), {
      text: url.searchParams.get('find') ?? '',
      from: Number(url.searchParams.get('from')) || 0,
    }),
)
