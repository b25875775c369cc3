import { letterOf } from '../../../../studio/handOver.ts'
import { nowMinute } from '../../../../studio/studio.ts'
import { pdf } from '../../_answers.ts'
import { reading } from '../../_route.ts'
import { recordAddress } from '../_address.ts'

export const GET = reading(
  {
    summary: 'The letter to the owner of a painting',
    answer: 'application/pdf',
    errors: [404],
  },
  async (db, asked) => {
    const id = asked.params['id']!
    return pdf(await letterOf(db, id, nowMinute(), recordAddress(asked, id)), 'letter.pdf')
  },
)
