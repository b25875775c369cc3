import { begunAnswer } from '../../../document/carrying.ts'
import { beginLookingThrough } from '../../../studio/carrying/carry.ts'
import { receive } from '../../../studio/carrying/passing.ts'
import { refused } from '../../../studio/refused.ts'
import { route } from '../_route.ts'

const mostBytes = 4e9

export const POST = route(
  {
    summary:
      'Receives a studio, document or zip, as its bytes, and begins to look through it; nothing is changed',
    answer: begunAnswer,
    errors: [413, 422],
  },
  async ({ request }) => {
    if (!request.body) throw refused('Nothing was sent. Choose the file that was taken out of a studio.')
    const sent = request.body as unknown as AsyncIterable<Uint8Array>
    return beginLookingThrough(await receive(sent, mostBytes))
  },
)
