import { sheetPdf } from '../../../../studio/label.ts'
import { unpouredOf } from '../../../../studio/lists/batchList.ts'
import { pdf } from '../../_answers.ts'
import { reading } from '../../_route.ts'

export const GET = reading(
  {
    summary: 'The weighing sheet of every batch of a medium that nothing is poured for yet',
    answer: 'application/pdf',
    errors: [404],
  },
  async (db, { params }) => {
    const { title, batches, nameOf } = await unpouredOf(db, params['id']!)
    return pdf(await sheetPdf(title, batches, nameOf), 'weighing-sheet.pdf')
  },
)
