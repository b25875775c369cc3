import { assess, solve } from '../document/assess.ts'
import type { Assessment, Picture, SolvedArea } from '../document/assess.ts'
import { findInStudio } from '../document/studioMaterials.ts'
import { quietDayOf, summaryOf } from '../document/summary.ts'
import { wantedOf } from '../store/assessments.ts'
import type { Assessed } from '../store/assessments.ts'
import type { Database } from '../store/database.ts'
import { loadPictures } from './pictures.ts'

/** A picture judged with a full solve. Tens of milliseconds: for a worker. */
export function judgedWithSolve(picture: Picture): {
  readonly assessment: Assessment
  readonly solved: readonly SolvedArea[]
} {
  const findMaterial = findInStudio(picture.shelf)
  const solved = solve(picture, findMaterial)!
  return { assessment: assess(picture, findMaterial, solved), solved }
}

/** Judges these paintings as they stand; what was asked for while it went on stays asked for. */
export async function judge(db: Database, ids: readonly string[], now: string): Promise<readonly Assessed[]> {
  const wanted = await wantedOf(db, ids)
  const pictures = await loadPictures(db, ids, now)
  return pictures.map((picture) => {
    const { assessment, solved } = judgedWithSolve(picture)
    const summary = summaryOf(picture, assessment)
    return {
      paintingId: picture.painting.id,
      wanted: wanted.get(picture.painting.id) ?? 0,
      quietDay: quietDayOf(summary),
      day: picture.today,
      verdict: assessment.verdict,
      summary: JSON.stringify(summary),
      solved: JSON.stringify(solved),
    }
  })
}
