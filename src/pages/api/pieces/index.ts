import { openAnswer } from '../../../document/answers.ts'
import { pieceFileSchema } from '../../../document/pieces/piece.ts'
import type { PieceFile } from '../../../document/pieces/piece.ts'
import type { KnownPiece } from '../../../document/pieces/score.ts'
import { nowMinute } from '../../../studio/studio.ts'
import { runTask } from '../../../studio/threads.ts'
import { route } from '../_route.ts'

export const GET = route(
  { summary: 'What is wrong with each practice piece that comes with the program', answer: openAnswer },
  async (): Promise<{ readonly pieces: readonly KnownPiece[] }> => ({
    pieces: await runTask('judgePieces', { now: nowMinute() }),
  }),
)

export const POST = route(
  {
    summary: 'Reads a practice piece from a file; it is not kept',
    body: pieceFileSchema,
    answer: openAnswer,
  },
  ({ body }): Promise<{ readonly piece: PieceFile }> => Promise.resolve({ piece: body }),
)
