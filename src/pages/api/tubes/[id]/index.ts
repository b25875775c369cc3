import { openAnswer, writtenAnswer } from '../../../../document/answers.ts'
import { removeRequest } from '../../../../document/requests.ts'
import { tubeOrRefuse } from '../../../../studio/tubeList.ts'
import { removeTube } from '../../../../studio/tubes.ts'
import { reading, writing } from '../../_route.ts'

export const DELETE = writing(
  { summary: 'Remove a tube of paint', body: removeRequest, answer: writtenAnswer, errors: [404, 409] },
  (write, { body, params }) => removeTube(write, params['id']!, body.seen),
)

export const GET = reading(
  { summary: 'A tube, with the lots of your own it is made with', answer: openAnswer, errors: [404] },
  async (db, { params }) => tubeOrRefuse(db, params['id']!),
)
