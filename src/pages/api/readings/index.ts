import { writtenAnswer } from '../../../document/answers.ts'
import { saveReadingRequest } from '../../../document/requests.ts'
import { saveReading } from '../../../studio/readings.ts'
import { writing } from '../_route.ts'

export const PUT = writing(
  { summary: 'Write down what a place was on a day', body: saveReadingRequest, answer: writtenAnswer },
  (write, { body }) => saveReading(write, body.reading),
)
