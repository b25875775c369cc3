import type { Climate } from '../cure/climate.ts'
import { stateDaysFromTable } from '../cure/table.ts'
import { windowDays } from '../cure/workable.ts'
import { overlap } from './area.ts'
import type { ReadyEvent } from './fold.ts'

/** Oil left by oiling out joins what is painted into it up to so many µm (rules.md 10). */
const joinsUpToUm = 8

/** Marks each oiling out with what is painted into it while it can still be worked; `dayOf` says when an event happens. */
export const withPaintedInto = (
  events: readonly ReadyEvent[],
  dayOf: (event: number) => number,
  climate: Climate,
): readonly ReadyEvent[] =>
  events.map((ready, at): ReadyEvent => {
    const { event, mix } = ready
    if (event.kind !== 'clear' || event.purpose !== 'oil-out' || !mix) return ready
    const { dryThicknessUm, rate, driers } = mix.film
    if (dryThicknessUm > joinsUpToUm) return ready
    const film = { thicknessUm: dryThicknessUm, rate, start: driers.start, through: driers.through }
    const until = dayOf(at) + windowDays(stateDaysFromTable(film, climate).touch)
    const intoIt = events.flatMap(({ event: later }, place) =>
      place > at && later.kind === 'paint' && overlap(event, later) && dayOf(place) <= until ? [place] : [],
    )
    return intoIt.length === 0 ? ready : { ...ready, event: { ...event, intoIt } }
  })
