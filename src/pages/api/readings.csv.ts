import { writtenAnswer } from '../../document/answers.ts'
import { readingsCsvRequest } from '../../document/requests.ts'
import { studioPlaceId } from '../../document/studioPlace.ts'
import { readingsToCsv, saveReadings } from '../../studio/readings.ts'
import { readingsOf } from '../../studio/devices/roomLog.ts'
import { nowMinute } from '../../studio/studio.ts'
import { runForRequest, valueOf } from '../../studio/threads.ts'
import { csvDownload } from './_answers.ts'
import { reading, writing } from './_route.ts'

export const GET = reading(
  { summary: 'The readings of a place as CSV', answer: 'text/csv' },
  async (db, { url }) => {
    const place = url.searchParams.get('place') ?? studioPlaceId
    return csvDownload(readingsToCsv(await readingsOf(db, place)), 'grelta-room.csv', url)
  },
)

export const POST = writing(
  {
    summary: 'Bring readings of a place from a CSV: all of them, or nothing',
    body: readingsCsvRequest,
    answer: writtenAnswer,
  },
  async (write, { body: { placeId, csv }, request }) => {
    const told = valueOf(await runForRequest('readRoom', { csv, placeId, now: nowMinute() }, request))
    return { ...(await saveReadings(write, placeId, told)), count: told.length }
  },
)
