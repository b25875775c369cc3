import { openAnswer, writtenAnswer } from '../../../../document/answers.ts'
import { removeRequest } from '../../../../document/requests.ts'
import { removeMedium } from '../../../../studio/mediums.ts'
import { usableOf } from '../../../../studio/pictures.ts'
import { gone } from '../../../../studio/refused.ts'
import { reading, writing } from '../../_route.ts'

export const DELETE = writing(
  { summary: 'Remove a medium', body: removeRequest, answer: writtenAnswer, errors: [404, 409] },
  (write, { body, params }) => removeMedium(write, params['id']!, body.seen),
)

export const GET = reading(
  { summary: 'A medium or a batch, with all that is in it', answer: openAnswer, errors: [404] },
  async (db, { params }) => {
    const found = await usableOf(db, params['id']!)
    if (!found) throw gone('medium')
    return found
  },
)
