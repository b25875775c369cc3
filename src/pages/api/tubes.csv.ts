import { writtenAnswer } from '../../document/answers.ts'
import { importShelfRequest } from '../../document/requests.ts'
import { studioFolder } from '../../studio/studio.ts'
import { runForRequest, valueOf } from '../../studio/threads.ts'
import { tubesToCsv } from '../../studio/csv/tubeCsv.ts'
import { wholeTubes } from '../../studio/tubeList.ts'
import { saveTubes } from '../../studio/tubes.ts'
import { csvDownload } from './_answers.ts'
import { reading, writing } from './_route.ts'

export const GET = reading(
  { summary: 'Your tubes as CSV: ?decimal=comma', answer: 'text/csv' },
  async (db, { url }) => csvDownload(tubesToCsv(await wholeTubes(db)), 'grelta-paints.csv', url),
)

export const POST = writing(
  {
    summary: 'Bring tubes from a CSV: all of them, or nothing',
    body: importShelfRequest,
    answer: writtenAnswer,
  },
  async (write, { body: { csv }, request }) => {
    const tubes = valueOf(await runForRequest('readTubes', { folder: await studioFolder(), csv }, request))
    return { ...(await saveTubes(write, tubes)), count: tubes.length }
  },
)
