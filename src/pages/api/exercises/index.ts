import { openAnswer, writtenAnswer } from '../../../document/answers.ts'
import { exerciseRequest } from '../../../document/requests.ts'
import { exercisesOf, logExercise } from '../../../studio/practising.ts'
import { reading, writing } from '../_route.ts'

export const GET = reading(
  { summary: 'Practice pieces that were looked at, oldest first', answer: openAnswer },
  async (db) => ({ exercises: await exercisesOf(db) }),
)

export const POST = writing(
  {
    summary: 'Write down what was said of a practice piece, and what was found',
    body: exerciseRequest,
    answer: writtenAnswer,
    errors: [409],
  },
  (write, { body }) => logExercise(write, body),
)
