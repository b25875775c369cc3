import { pdf } from '../../_answers.ts'
import { reading } from '../../_route.ts'
import { paperOfPainting } from '../_paper.ts'

export const GET = reading(
  {
    summary: 'The sheet of a painting for a conservator',
    answer: 'application/pdf',
    errors: [404, 422],
  },
  async (db, asked) => pdf(await paperOfPainting(db, 'conservatorSheet', asked), 'sheet.pdf'),
)
