import { airOverDay } from '../../../core/air/vapour.ts'
import { openAnswer } from '../../../document/answers.ts'
import { airRequest } from '../../../document/compute.ts'
import { route } from '../_route.ts'

export const POST = route(
  {
    summary: 'Vapour in a room over a day: how much, against guidance, and when it is clear again',
    body: airRequest,
    answer: openAnswer,
  },
  ({ body }) => Promise.resolve(airOverDay(body)),
)
