import type { Film } from '../film/film.ts'
import type { Gate, Practice } from './practice.ts'

/** From this share of the binder by volume on, alkyd sets the pace of a film. */
const alkydBound = 0.4

/** Whether a film's binder is mostly alkyd. */
export const isAlkydBound = ({ binder }: Film): boolean => binder.alkyd > alkydBound

/**
 * What the practice waits for before painting over this film: an alkyd-bound one may have a gate of its own, and a thin one
 * need only be touch dry in every practice.
 */
export const gateOf = ({ gate, limits }: Practice, film: Film, thickestUm: number): Gate =>
  thickestUm <= limits.thinGate.touch ? 'touch' : isAlkydBound(film) ? gate.alkyd : gate.oil
