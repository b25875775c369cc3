import { clamp } from '../clamp.ts'
import type { Film } from '../film/film.ts'

/** So much resin and wax of the organic binder counts once. */
const solublesUnit = 0.1
/** A film cured so far no longer gives; it gives in full this much below. */
const boundAt = 0.75
const overRange = 0.4

/**
 * Bite of a solvent into a film (rules.md 20): V × s × ((R + X)/0.10 + clamp((0.75 − x)/0.4, 0, 1)), with V the share of
 * solvent, s how hard it bites, R and X resin and wax of the organic binder by mass, x the film's mean cured fraction.
 */
export const biteOn = (
  { binder }: Pick<Film, 'binder'>,
  cured: number,
  solvent: { readonly share: number; readonly power: number },
): number =>
  solvent.share *
  solvent.power *
  ((binder.resin + binder.wax) / solublesUnit + clamp((boundAt - cured) / overRange, 0, 1))

/** Solvent takes a film off where it bites so much (reckonings.md, dissolved). */
export const givesFrom = 0.5
