import type { Film } from '../film/film.ts'
import { isVarnish } from '../stack/kinds.ts'
import type { Purpose } from '../stack/kinds.ts'
import { kindOfLeft } from './oilOut.ts'

/** Whether a film begins the months before a varnish anew: a breath of oil up to 3 µm does not, nor does a varnish. */
export const restartsVarnish = (
  purpose: Purpose | null,
  { dryThicknessUm }: Pick<Film, 'dryThicknessUm'>,
): boolean => !isVarnish(purpose) && !(purpose === 'oil-out' && kindOfLeft(dryThicknessUm) === 'joins')
