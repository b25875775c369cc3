import type { Film } from '../film/film.ts'
import type { Practice } from './practice.ts'

/** What the practice waits for before painting over this film: an alkyd-bound one may have a gate of its own. */
export const gateOf = (practice: Practice, film: Film): 'touch' | 'firm' =>
  film.binder.alkyd > 0.4 ? practice.gate.alkyd : practice.gate.oil
