import { dayOf } from '../../core/plan/calendar.ts'
import type { MediumDocument } from '../../document/recipe.ts'
import type { Database } from '../../store/database.ts'
import { versionsOf } from '../../store/history.ts'

/** One state a recipe has been in, and until when it was being written. */
export interface MediumVersion {
  readonly at: string
  readonly recipe: MediumDocument['recipe']
}

/** Writing pauses shorter than this, in minutes, do not make a version of their own. */
const pauseMinutes = 20

/** So many edits are looked back through, and so many versions shown. */
const mostEdits = 500
const mostVersions = 20

/** What a recipe has been, newest first: where each sitting of writing ended, and how it was first written. */
export async function versionsOfMedium(db: Database, id: string): Promise<readonly MediumVersion[]> {
  const all = await versionsOf(db, 'medium', id, mostEdits)
  const ends = all.filter(
    ({ at }, index) =>
      index === 0 ||
      index === all.length - 1 ||
      (dayOf(all[index - 1]!.at)! - dayOf(at)!) * 1440 >= pauseMinutes,
  )
  const recipes = ends.map(({ at, body }) => ({ at, recipe: body.recipe }))
  const different = recipes.filter(
    ({ recipe }, index) =>
      index === 0 || JSON.stringify(recipe) !== JSON.stringify(recipes[index - 1]!.recipe),
  )
  return different.slice(0, mostVersions)
}
