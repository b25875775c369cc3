import { writtenAnswer } from '../../document/answers.ts'
import { importShelfRequest } from '../../document/requests.ts'
import { saveMediums } from '../../studio/mediums.ts'
import { recipeBook, recipesToCsv } from '../../studio/csv/recipesCsv.ts'
import { studioFolder } from '../../studio/studio.ts'
import { runForRequest, valueOf } from '../../studio/threads.ts'
import { csvDownload } from './_answers.ts'
import { reading, writing } from './_route.ts'

export const GET = reading(
  { summary: 'Every recipe as CSV, a line for each thing that goes in: ?decimal=comma', answer: 'text/csv' },
  async (db, { url }) => csvDownload(recipesToCsv(await recipeBook(db)), 'grelta-recipes.csv', url),
)

export const POST = writing(
  {
    summary: 'Bring recipes from a CSV: all of them, or nothing',
    body: importShelfRequest,
    answer: writtenAnswer,
  },
  async (write, { body: { csv }, request }) => {
    const mediums = valueOf(
      await runForRequest('readRecipes', { folder: await studioFolder(), csv }, request),
    )
    return { ...(await saveMediums(write, mediums)), count: mediums.length }
  },
)
