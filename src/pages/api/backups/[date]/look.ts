import { begunAnswer } from '../../../../document/carrying.ts'
import { beginLookingInto } from '../../../../studio/backups/backups.ts'
import { route } from '../../_route.ts'

export const POST = route(
  {
    summary: 'Begins to look into a backup: what putting it back would change',
    answer: begunAnswer,
    errors: [404],
  },
  ({ params }) => Promise.resolve(beginLookingInto(params['date']!)),
)
