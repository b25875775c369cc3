import type { Film } from '../film/film.ts'
import { leavesToSet } from '../film/physicalSet.ts'
import type { Gate, Practice } from './practice.ts'

/** From this share of the binder by volume on, alkyd sets the pace of a film. */
const alkydBound = 0.4

/** Whether a film's binder is mostly alkyd. */
export const isAlkydBound = ({ binder }: Film): boolean => binder.alkyd > alkydBound

/**
 * What the practice waits for before painting over this film: an alkyd-bound one may have a gate of its own, and a thin one
 * need only be touch dry in every practice, and one that sets by losing water or spirit need only have set.
 */
export const gateOf = ({ gate, limits }: Practice, film: Film, thickestUm: number): Gate =>
  thickestUm <= limits.thinGate.touch || leavesToSet(film) !== null
    ? 'touch'
    : isAlkydBound(film)
      ? gate.alkyd
      : gate.oil
