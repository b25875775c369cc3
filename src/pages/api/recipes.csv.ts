import { recipesToCsv } from '../../studio/listsCsv.ts'
import { csvDownload } from './_answers.ts'
import { reading } from './_route.ts'

export const GET = reading(
  { summary: 'Every recipe as CSV, a line for each thing that goes in', answer: 'text/csv' },
  async (db, { url }) => csvDownload(await recipesToCsv(db), 'grelta-recipes.csv', url),
)
