import { oilOut } from '../../../core/finish/oilOut.ts'
import { openAnswer } from '../../../document/answers.ts'
import { oilOutRequest } from '../../../document/compute.ts'
import { route } from '../_route.ts'

export const POST = route(
  {
    summary: 'Oil and solvent for a dull place, and what stays once it is wiped',
    body: oilOutRequest,
    answer: openAnswer,
  },
  ({ body }) => Promise.resolve(oilOut(body)),
)
