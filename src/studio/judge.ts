import { dayOf } from '../core/plan/calendar.ts'
import { assess } from '../document/judging/assess.ts'
import type { Assessment } from '../document/judging/assess.ts'
import { triedIn } from '../document/judging/triedLayers.ts'
import { clockOfRoom } from '../document/picture/pictureRoom.ts'
import { roomOf } from '../document/picture/picture.ts'
import type { Picture } from '../document/picture/picture.ts'
import { solve } from '../document/dates/solve.ts'
import type { SolvedPicture } from '../document/picture/solved.ts'
import { findInStudio } from '../document/studioMaterials.ts'
import { quietDayOf, summaryOf } from '../document/judging/summary.ts'
import { wantedOf } from '../store/assessments.ts'
import type { Assessed, Found } from '../store/assessments.ts'
import type { Database } from '../store/database.ts'
import { loadPictures } from './pictures.ts'

/** A picture judged with a full solve. Tens of milliseconds: for a worker. */
export function judgedWithSolve(picture: Picture): {
  readonly assessment: Assessment
  readonly solved: SolvedPicture
} {
  const findMaterial = findInStudio(picture.shelf)
  const solved = solve(picture, findMaterial)!
  return { assessment: assess(picture, findMaterial, solved), solved }
}

/** Judges these paintings as they stand; what was asked for while it went on stays asked for. */
export async function judge(db: Database, ids: readonly string[], now: string): Promise<readonly Assessed[]> {
  const wanted = await wantedOf(db, ids)
  const pictures = await loadPictures(db, ids, now)
  const found = new Map(pictures.map((picture) => [picture.painting.id, foundIn(picture)]))
  return ids.map((id) => ({
    paintingId: id,
    wanted: wanted.get(id) ?? 0,
    day: dayOf(now)!,
    found: found.get(id) ?? null,
  }))
}

/** Null where judging itself fails: one picture does not keep the others from being judged. */
function foundIn(picture: Picture): Found | null {
  try {
    const { assessment, solved } = judgedWithSolve(picture)
    const summary = summaryOf(picture, assessment)
    const tried = triedIn(picture, assessment, findInStudio(picture.shelf))
    return {
      quietDay: quietDayOf(summary, clockOfRoom(roomOf(picture))),
      tried: tried.length > 0 ? JSON.stringify(tried) : null,
      verdict: assessment.verdict,
      summary: JSON.stringify(summary),
      solved: JSON.stringify(solved),
    }
  } catch (error) {
    console.error(`The painting ${picture.painting.title} could not be judged.`, error)
    return null
  }
}
