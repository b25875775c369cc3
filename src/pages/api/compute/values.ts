import { openAnswer } from '../../../document/answers.ts'
import { valuesRequest } from '../../../document/compute.ts'
import { valueBudget } from '../../../core/values/budget.ts'
import { route } from '../_route.ts'

export const POST = route(
  {
    summary: 'What glazes do to the light under them, and how light it must begin',
    body: valuesRequest,
    answer: openAnswer,
  },
  ({ body: { start, transmittances, end } }) => Promise.resolve(valueBudget(start, transmittances, end)),
)
