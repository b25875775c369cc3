import { openAnswer } from '../../../document/answers.ts'
import { paletteRequest } from '../../../document/compute.ts'
import { paletteAnswer } from '../../../studio/computing/compute.ts'
import { route } from '../_route.ts'

export const POST = route(
  {
    summary: 'Medium and thinner for every heap, by equal proportion or to equal fatness',
    body: paletteRequest,
    answer: openAnswer,
  },
  ({ body }) => Promise.resolve(paletteAnswer(body)),
)
