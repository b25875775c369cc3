import { begunAnswer } from '../../../../document/carrying.ts'
import { beginRestoring } from '../../../../studio/backups/backups.ts'
import { writing } from '../../_route.ts'

export const POST = writing(
  {
    summary: 'Begins to put the studio back to a backup, as one step that can be taken back',
    answer: begunAnswer,
    errors: [404],
  },
  (write, { params }) => Promise.resolve(beginRestoring(write, params['date']!)),
)
