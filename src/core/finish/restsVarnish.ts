import type { Film } from '../film/film.ts'
import { isVarnish } from '../stack/kinds.ts'
import type { Purpose } from '../stack/kinds.ts'
import { kindOfLeft } from './oilOut.ts'

/** Whether a film begins the months before a varnish anew: a breath of oil up to 3 µm does not, nor does a varnish. */
export const restartsVarnish = (
  purpose: Purpose | null,
  { dryThicknessUm }: Pick<Film, 'dryThicknessUm'>,
): boolean => !isVarnish(purpose) && !(purpose === 'oil-out' && kindOfLeft(dryThicknessUm) === 'joins')

/** A film that lies on a picture, as the months before a varnish see it. */
export interface LaidFilm {
  readonly laidDay: number
  readonly restarts: boolean
}

/** The day its months count from; where nothing on it begins them, the day the first of it was laid. */
export function monthsFrom(films: readonly LaidFilm[]): number {
  const days = films.filter(({ restarts }) => restarts).map(({ laidDay }) => laidDay)
  return days.length > 0 ? Math.max(...days) : Math.min(...films.map(({ laidDay }) => laidDay))
}
