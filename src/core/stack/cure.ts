import type { CureLayer } from '../cure/column.ts'
import type { StackEvent } from './event.ts'
import type { Stratum } from './fold.ts'

/** So many times its own thickness of cured oil a coat of wax or varnish hinders what dries under it (science.md, Cure). */
const coatHinders = 5
/** From this share of wax and resin in its binder by mass, a film that does not dry is such a coat. */
const isCoatFrom = 0.5

/** A stratum as the cure solver sees it, at the days its events happen. */
export function cureLayerOf(
  { event, film, thickestUm, taken }: Stratum,
  of: StackEvent,
  dayOf: (event: number) => number,
): CureLayer & { readonly flex: number | null } {
  const rateTimes = of.kind === 'removal' ? 1 : (of.rateTimes ?? 1)
  const isCoat = film.binder.wax + film.binder.resin >= isCoatFrom
  return {
    thicknessUm: thickestUm,
    rate: film.rate * rateTimes,
    q: film.q,
    flex: film.flex,
    appliedDay: dayOf(event),
    start: film.driers.start,
    through: film.driers.through,
    ...(isCoat && { hinders: coatHinders }),
    ...(taken.length > 0 && { removed: taken.map((one) => ({ day: dayOf(one.event), takes: one.takes })) }),
  }
}
