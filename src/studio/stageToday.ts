import { stageOf } from '../core/finish/stageOf.ts'
import type { Reached, Stage } from '../core/finish/stageOf.ts'
import type { Spot, Step } from '../core/plan/step.ts'
import { stateOfFilms } from '../document/stateReached.ts'
import type { Summary } from '../document/summary.ts'

/** How far what is painted has come for packing. */
export const stageToday = (
  { packing }: Pick<Summary, 'packing'>,
  steps: readonly Step[],
  today: number,
): Stage => stageOf({ state: reachedBy(steps, today), ...packing })

/** How far all that is painted and still there has come; what is only planned has taken nothing off. */
function reachedBy(steps: readonly Step[], today: number): Reached {
  const isThere = ({ goneBy, restDays }: Spot): boolean =>
    restDays === undefined && (goneBy === null || (steps[goneBy]?.paintedDay ?? null) === null)
  const films = steps.flatMap(({ paintedDay, spots }) =>
    paintedDay === null
      ? []
      : spots.filter(isThere).map(({ forecast }) => ({ forecast, age: today - paintedDay })),
  )
  return stateOfFilms(films)
}
