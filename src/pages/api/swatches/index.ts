import { writtenAnswer } from '../../../document/answers.ts'
import { saveSwatchRequest } from '../../../document/requests.ts'
import { saveSwatch } from '../../../studio/swatches.ts'
import { writing } from '../_route.ts'

export const PUT = writing(
  { summary: 'Lay or change a swatch', body: saveSwatchRequest, answer: writtenAnswer, errors: [409] },
  (write, { body }) => saveSwatch(write, body.swatch, body.seen),
)
