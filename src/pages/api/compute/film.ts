import { openAnswer } from '../../../document/answers.ts'
import { filmRequest } from '../../../document/compute.ts'
import { computeFilm } from '../../../studio/computing/compute.ts'
import { route } from '../_route.ts'

export const POST = route(
  { summary: 'The film that paint, medium and thinner dry to', body: filmRequest, answer: openAnswer },
  ({ body }) => Promise.resolve(computeFilm(body)),
)
