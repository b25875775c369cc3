import { dayOf } from '../../core/plan/calendar.ts'
import type { Swatch } from '../swatch.ts'
import type { Trial } from '../trial.ts'

/** The day a trial is to be looked at next: the first of its days after which neither film was; null: none is left. */
export function nextLookOf(
  { begunAt, lookDays, swatchId, controlId }: Trial,
  swatches: readonly Swatch[],
): number | null {
  const begun = Math.floor(dayOf(begunAt)!)
  const looks = swatches
    .filter(({ id }) => id === swatchId || id === controlId)
    .flatMap(({ fingers, colours }) => [...fingers.map(({ at }) => at), ...colours.map(({ on }) => on)])
  const last = Math.max(0, ...looks.map((at) => Math.floor(dayOf(at)!)))
  const left = lookDays.map((day) => begun + day).filter((day) => day > last + 1)
  return left.length > 0 ? Math.min(...left) : null
}
