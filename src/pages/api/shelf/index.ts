import { pageAnswer, writtenAnswer } from '../../../document/answers.ts'
import { saveShelfItemRequest } from '../../../document/requests.ts'
import { saveShelfItem } from '../../../studio/shelf.ts'
import { pageAsked } from '../../../studio/listPage.ts'
import { shelfPage } from '../../../studio/shelfList.ts'
import { reading, writing } from '../_route.ts'

export const PUT = writing(
  {
    summary: 'Add or change a lot or a material of your own',
    body: saveShelfItemRequest,
    answer: writtenAnswer,
    errors: [409],
  },
  (write, { body }) => saveShelfItem(write, body.item, body.seen),
)

export const GET = reading(
  { summary: 'Your own materials, found by name or by what they do, a page at a time', answer: pageAnswer },
  async (db, { url }) => shelfPage(db, pageAsked(url.searchParams)),
)
