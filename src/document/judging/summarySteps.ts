import { restoredForecast } from '../../core/cure/forecast.ts'
import type { Evidence } from '../../core/cure/forecast.ts'
import type { RoomClock } from '../../core/cure/roomClock.ts'
import type { StateDays } from '../../core/cure/states.ts'
import { stepsOf } from '../../core/plan/step.ts'
import type { Spot, Step, StepIdea } from '../../core/plan/step.ts'

/* Apart from what makes a summary: a calendar of hundreds of paintings needs no judge. */

/** A layer in one of its areas, with what its forecast there is restored from. */
export interface SummarySpot extends Omit<Spot, 'forecast'> {
  /** With what is learnt in them; like the evidence, days of the steady room. */
  readonly days: StateDays
  readonly sigma: number
  /** True of what dries by taking up oxygen: the room's changes count. */
  readonly followsRoom: boolean
}

/** What of a layer its step is made of. */
interface LayerOfStep extends Omit<StepIdea, 'spots'> {
  readonly evidence: readonly Evidence[]
  readonly spots: readonly SummarySpot[]
}

/** The steps a summary's dates are reckoned from, on whatever day it is read, in the room it dries in. */
export const stepsOfSummary = (
  { layers }: { readonly layers: readonly LayerOfStep[] },
  room: RoomClock | null,
): readonly Step[] =>
  stepsOf(
    layers.map(({ paintedDay, plannedDay, wetInWet, until, asks, groundReady, evidence, spots }) => ({
      paintedDay,
      plannedDay,
      wetInWet,
      until,
      asks,
      groundReady,
      spots: spots.map(({ days, sigma, followsRoom, ...spot }) => ({
        ...spot,
        forecast: restoredForecast({
          days,
          sigma,
          evidence,
          room: followsRoom ? room : null,
          laidDay: paintedDay ?? plannedDay ?? 0,
        }),
      })),
    })),
  )
