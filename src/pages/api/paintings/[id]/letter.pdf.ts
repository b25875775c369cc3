import { pdf } from '../../_answers.ts'
import { reading } from '../../_route.ts'
import { paperOfPainting } from '../_paper.ts'

export const GET = reading(
  {
    summary: 'The letter to the owner of a painting',
    answer: 'application/pdf',
    errors: [404, 422],
  },
  async (db, asked) => pdf(await paperOfPainting(db, 'letter', asked), 'letter.pdf'),
)
