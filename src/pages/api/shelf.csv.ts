import { writtenAnswer } from '../../document/answers.ts'
import { importShelfRequest } from '../../document/requests.ts'
import { saveShelf } from '../../studio/shelf.ts'
import { shelfToCsv } from '../../studio/csv/shelfCsv.ts'
import { wholeShelf } from '../../studio/shelfList.ts'
import { runForRequest, valueOf } from '../../studio/threads.ts'
import { csvDownload } from './_answers.ts'
import { reading, writing } from './_route.ts'

export const GET = reading(
  { summary: 'Your shelf as CSV: ?decimal=comma', answer: 'text/csv' },
  async (db, { url }) => csvDownload(shelfToCsv(await wholeShelf(db)), 'grelta-shelf.csv', url),
)

export const POST = writing(
  {
    summary: 'Bring a CSV onto the shelf: all of it, or nothing',
    body: importShelfRequest,
    answer: writtenAnswer,
  },
  async (write, { body: { csv }, request }) => {
    const items = valueOf(await runForRequest('readCsv', { csv }, request))
    return { ...(await saveShelf(write, items)), count: items.length }
  },
)
