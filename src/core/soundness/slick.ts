import { isClear } from '../film/kindOfFilm.ts'
import type { Film } from '../film/film.ts'
import type { Limits } from '../practice/limits.ts'

/** Why a dried film may shed what is painted over it; null: it takes hold. */
export function slickBecause(film: Film, { slick, slickAlkyd, slickWax }: Limits): string | null {
  if (isClear(film)) return 'it is a clear film'
  if ((film.binderRatioAfterDrinking ?? 0) >= slick.rich - 1e-9) return 'it is rich in oil'
  if (film.binder.alkyd >= slickAlkyd.watch - 1e-9) return 'it is bound in alkyd'
  return film.binder.wax >= slickWax.watch - 1e-9 ? 'there is wax in it' : null
}

/** Whether a dried film is closed and glossy, and holds the next only with a tooth. */
export const isGlossy = (
  { binderRatioAfterDrinking, binder }: Film,
  { slick, slickAlkyd }: Limits,
): boolean =>
  (binderRatioAfterDrinking ?? Infinity) >= slick.glossy - 1e-9 || binder.alkyd >= slickAlkyd.watch - 1e-9
