import { isReached } from '../cure/forecast.ts'
import type { Forecast } from '../cure/forecast.ts'
import type { Film } from '../film/film.ts'
import { isWaterborne } from '../film/kindOfFilm.ts'

const [waxyFrom, eggyFrom] = [0.05, 0.03]

/** Why a surface takes no oil; null: it does (reckonings.md, Oil-out). */
export function oilRefusedBy(film: Film, forecast: Forecast, ageDays: number): string | null {
  if (isWaterborne(film)) return 'it is waterborne: isolate it first, oil would be drunk or lie on it'
  if (film.binder.wax >= waxyFrom) return 'there is wax in it: oil makes it greasy and soft'
  if (film.binder.protein >= eggyFrom) return 'there is egg in it: oil stains it'
  if (!isReached(forecast, 'touch', ageDays)) return 'it is not touch dry yet'
  return null
}
