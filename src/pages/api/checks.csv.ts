import { checksToCsv } from '../../studio/csv/listsCsv.ts'
import { csvDownload } from './_answers.ts'
import { reading } from './_route.ts'

export const GET = reading(
  { summary: 'Every hand on a layer or a swatch, as CSV', answer: 'text/csv' },
  async (db, { url }) => csvDownload(await checksToCsv(db), 'grelta-checks.csv', url),
)
