import { openAnswer, writtenAnswer } from '../../../../document/answers.ts'
import { removeRequest } from '../../../../document/requests.ts'
import { removePainting } from '../../../../studio/paintings.ts'
import { loadPicture } from '../../../../studio/pictures.ts'
import { gone } from '../../../../studio/refused.ts'
import { nowMinute } from '../../../../studio/studio.ts'
import { reading, writing } from '../../_route.ts'

export const GET = reading(
  {
    summary: 'A painting with its layers, tests, and what they are painted with',
    answer: openAnswer,
    errors: [404],
  },
  async (db, { params }) => {
    const picture = await loadPicture(db, params['id']!, nowMinute())
    if (!picture) throw gone('painting')
    return picture
  },
)

export const DELETE = writing(
  {
    summary: 'Remove a painting and its layers',
    body: removeRequest,
    answer: writtenAnswer,
    errors: [404, 409],
  },
  (write, { body, params }) => removePainting(write, params['id']!, body.seen),
)
