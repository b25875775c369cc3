import { openAnswer } from '../../../document/answers.ts'
import { documentJsonSchema } from '../../../document/studioDocument.ts'
import { route } from '../_route.ts'

export const GET = route(
  { summary: 'The form of the studio document, as JSON Schema', answer: openAnswer },
  () => Promise.resolve(documentJsonSchema()),
)
