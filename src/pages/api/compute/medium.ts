import { openAnswer } from '../../../document/answers.ts'
import { mediumRequest } from '../../../document/compute.ts'
import { mediumAnswer } from '../../../studio/computing/compute.ts'
import { route } from '../_route.ts'

export const POST = route(
  {
    summary: 'What a recipe is as measured, wet and dry; with a paint, what becomes of it along the dose',
    body: mediumRequest,
    answer: openAnswer,
  },
  ({ body }) => Promise.resolve(mediumAnswer(body)),
)
