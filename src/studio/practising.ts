import { dayOf } from '../core/plan/calendar.ts'
import { findInLibrary } from '../core/materials/find.ts'
import { assess } from '../document/judging/assess.ts'
import { solve } from '../document/dates/solve.ts'
import { unsolved } from '../document/picture/solved.ts'
import { defaultSettings } from '../document/studio.ts'
import type { Exercise, PieceFile } from '../document/pieces/piece.ts'
import { reasonsOf } from '../document/pieces/reasons.ts'
import type { KnownPiece } from '../document/pieces/score.ts'
import { shippedPieces, standing } from '../document/pieces/shipped.ts'
import type { Database } from '../store/database.ts'
import { bare } from '../store/history.ts'
import { list } from '../store/records.ts'
import { commit } from './commit.ts'
import type { Write, Written } from './commit.ts'
import { loadPicture } from './pictures.ts'
import { gone } from './refused.ts'

/** Practice pieces: what was looked at, what is wrong with each, and a painting of one's own made one. */

/** Everything that was practised, oldest first. */
export async function exercisesOf(db: Database): Promise<readonly Exercise[]> {
  const all = await list(db, 'exercise')
  return all.map((one): Exercise => bare(one)).sort((a, b) => a.at.localeCompare(b.at))
}

export const logExercise = (write: Write, exercise: Omit<Exercise, 'at'>): Promise<Written> =>
  commit(write, () =>
    Promise.resolve({
      what: `Practised on ${exercise.title}`,
      wishes: [{ kind: 'exercise', id: exercise.id, body: { ...exercise, at: write.at }, seen: null }],
    }),
  )

/** What is wrong with each piece that comes with the program, judged as it stands on a day, in a room as usual. */
export const piecesJudged = (now: string): readonly KnownPiece[] =>
  shippedPieces.map((piece) => {
    const { id, painting, layers } = standing(piece, dayOf(now)!)
    const picture = {
      ...{ painting, layers, touchTests: [], mediums: [], shelf: [], practices: [] },
      settings: defaultSettings,
      today: dayOf(now)!,
    }
    const { findings } = assess(picture, findInLibrary, solve(picture, findInLibrary) ?? unsolved)
    return { id, reasons: reasonsOf(findings) }
  })

/** A painting as a practice piece for others: without its owner, its place and its photographs. */
export async function pieceOf(db: Database, id: string, now: string): Promise<PieceFile> {
  const found = await loadPicture(db, id, now)
  if (!found) throw gone('painting')
  const { painting, layers, mediums, shelf } = found
  return {
    format: 'grelta.piece',
    version: 1,
    title: painting.title,
    story: painting.note.slice(0, 2000),
    at: now,
    painting: {
      ...bare(painting),
      ...{ client: '', place: '', photos: [], mapPhoto: null, owed: null, note: '', departures: [] },
    },
    layers: layers.map((layer) => bare(layer)),
    mediums: mediums.map(({ id: mediumId, name, recipe }) => ({ id: mediumId, name, recipe, note: '' })),
    shelf: shelf.map((item) => ({ ...item, price: null, note: '' })),
  }
}
