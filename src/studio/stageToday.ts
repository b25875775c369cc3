import { monthsFrom } from '../core/finish/restsVarnish.ts'
import { stageOf } from '../core/finish/stageOf.ts'
import type { Stage } from '../core/finish/stageOf.ts'
import type { Spot, Step } from '../core/plan/step.ts'
import { restedStage } from '../core/plan/varnishMonths.ts'
import { stateOfFilms } from '../document/judging/stateReached.ts'
import type { Summary } from '../document/judging/summary.ts'

/** How far what is painted has come, as it is told; what is only planned has taken nothing off. */
export function stageToday(
  { packing, layers }: Pick<Summary, 'packing' | 'layers'>,
  steps: readonly Step[],
  today: number,
): Stage {
  const isThere = ({ goneBy, restDays }: Spot): boolean =>
    restDays === undefined && (goneBy === null || (steps[goneBy]?.paintedDay ?? null) === null)
  const films = steps.flatMap(({ paintedDay, spots }, at) =>
    paintedDay === null
      ? []
      : spots.filter(isThere).map(({ forecast }) => ({
          forecast,
          age: today - paintedDay,
          restarts: layers[at]!.restartsVarnish,
        })),
  )
  const lastLaid = monthsFrom(films.map(({ age, restarts }) => ({ laidDay: today - age, restarts })))
  const stage = stageOf({ state: stateOfFilms(films), ...packing })
  return restedStage(stage, today, { ...packing, lastLaid })
}
