import { pageAnswer, writtenAnswer } from '../../../document/answers.ts'
import { saveMediumRequest } from '../../../document/requests.ts'
import { mediumPage, mediumQuery } from '../../../studio/lists/mediumList.ts'
import { saveMedium } from '../../../studio/mediums.ts'
import { reading, writing } from '../_route.ts'

export const PUT = writing(
  { summary: 'Add or change a medium', body: saveMediumRequest, answer: writtenAnswer, errors: [409] },
  (write, { body }) => saveMedium(write, body.medium, body.seen),
)

export const GET = reading(
  { summary: 'Mediums, found by name and by what they do, a page at a time', answer: pageAnswer },
  async (db, { url }) => mediumPage(db, mediumQuery(url.searchParams)),
)
