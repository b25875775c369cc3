import { pieceOf } from '../../../../studio/practising.ts'
import { nowMinute } from '../../../../studio/studio.ts'
import { download } from '../../_answers.ts'
import { reading } from '../../_route.ts'

export const GET = reading(
  {
    summary: 'A painting as a practice piece for others, without its owner, place and photographs',
    answer: 'application/json',
    errors: [404],
  },
  async (db, { params }) => {
    const piece = await pieceOf(db, params['id']!, nowMinute())
    return download(JSON.stringify(piece, null, 1), 'application/json', `${params['id']!}.piece.json`)
  },
)
