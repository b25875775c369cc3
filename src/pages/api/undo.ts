import { writtenAnswer } from '../../document/answers.ts'
import { undoRequest } from '../../document/requests.ts'
import { undoEvent, undoRemoval } from '../../studio/undo.ts'
import { writing } from './_route.ts'

export const POST = writing(
  {
    summary: 'Take back one event, or whatever removed a thing: all that went with it comes back too',
    body: undoRequest,
    answer: writtenAnswer,
    errors: [404, 409],
  },
  (write, { body }) => ('event' in body ? undoEvent(write, body.event) : undoRemoval(write, body.removed)),
)
