import type { Film } from './film.ts'
import { isEmulsion, isOilFilm } from './kindOfFilm.ts'

/** From these shares on, wax of the binder by mass and spirit of the wet mix by volume, paint is a wax paste. */
const waxPasteFrom = { wax: 0.1, spirit: 0.2 } as const

/**
 * What leaves a film so that it bears the next layer long before its oil is dry: water an emulsion, spirit a wax paste
 * (rules.md 19). Null: it waits for its oil.
 */
export function leavesToSet(film: Film): 'water' | 'spirit' | null {
  if (isEmulsion(film)) return 'water'
  const { binder, mix } = film
  const isWaxPaste = binder.wax >= waxPasteFrom.wax && mix.volatile - mix.water >= waxPasteFrom.spirit
  return isWaxPaste && isOilFilm(film) ? 'spirit' : null
}
