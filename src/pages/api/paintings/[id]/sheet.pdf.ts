import { sheetOf } from '../../../../studio/handOver.ts'
import { nowMinute } from '../../../../studio/studio.ts'
import { pdf } from '../../_answers.ts'
import { reading } from '../../_route.ts'
import { recordAddress } from '../_address.ts'

export const GET = reading(
  {
    summary: 'The sheet of a painting for a conservator',
    answer: 'application/pdf',
    errors: [404],
  },
  async (db, asked) => {
    const id = asked.params['id']!
    return pdf(await sheetOf(db, id, nowMinute(), recordAddress(asked, id)), 'sheet.pdf')
  },
)
