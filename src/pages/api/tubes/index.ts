import { pageAnswer, writtenAnswer } from '../../../document/answers.ts'
import { saveTubeRequest } from '../../../document/requests.ts'
import { tubePage } from '../../../studio/tubeList.ts'
import { pageAsked } from '../../../studio/listPage.ts'
import { saveTube } from '../../../studio/tubes.ts'
import { reading, writing } from '../_route.ts'

export const PUT = writing(
  {
    summary: 'Add or change a tube of paint',
    body: saveTubeRequest,
    answer: writtenAnswer,
    errors: [409],
  },
  (write, { body }) => saveTube(write, body.tube, body.seen),
)

export const GET = reading(
  { summary: 'Your tubes, found by name or by what they do, a page at a time', answer: pageAnswer },
  async (db, { url }) => tubePage(db, pageAsked(url.searchParams)),
)
