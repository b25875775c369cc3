import { stateOfCheck } from '../core/cure/checks.ts'
import type { CheckId } from '../core/cure/checks.ts'
import { chanceBy } from '../core/cure/forecast.ts'
import type { Forecast } from '../core/cure/forecast.ts'
import type { DryingParts } from '../core/film/dries.ts'
import { factorOf } from '../core/learn/learn.ts'
import type { Learnt } from '../core/learn/learn.ts'
import { tellingOf } from '../core/learn/tells.ts'
import { isFilm } from '../core/plan/step.ts'
import { stepsOfSummary } from '../document/judging/summarySteps.ts'
import { openSummaries } from '../store/assessments.ts'
import type { Database } from '../store/database.ts'
import type { Rooms } from './rooms.ts'

/** A film that lies bare, on the rack or on a picture, and how long it has. */
export interface ToTry {
  readonly of: 'swatch' | 'layer'
  readonly id: string
  readonly name: string
  readonly picture: { readonly id: string; readonly title: string } | null
  readonly parts: DryingParts
  readonly forecast: Forecast
  /** Since it was laid. */
  readonly days: number
}

/** The one check that would tell most today. */
export interface TellingCheck extends Pick<ToTry, 'of' | 'id' | 'name' | 'picture'> {
  readonly check: CheckId
  /** That it passes. */
  readonly chance: number
}

/** The painted layers that lie bare where they are slowest, of all pictures that still dry. */
export async function layersToTry(db: Database, rooms: Rooms, today: number): Promise<readonly ToTry[]> {
  const open = await openSummaries(db, today)
  return open.flatMap(({ painting, summary }) => {
    const { id, title } = painting
    const steps = stepsOfSummary(summary, rooms.clockOf(painting))
    return summary.layers.flatMap(({ id: layerId, name, teaches, paintedDay }, at): readonly ToTry[] => {
      const bare = steps[at]!.spots.filter(isFilm).find(({ area }) => area === teaches?.area)
      if (!teaches || paintedDay === null || !bare) return []
      return [
        {
          ...{ of: 'layer', id: layerId, name, picture: { id, title } },
          ...{ parts: teaches.parts, forecast: bare.forecast, days: today - paintedDay },
        },
      ]
    })
  })
}

/** Those that leave no mark worth speaking of. */
const gentleChecks = ['touch', 'fingernail', 'thumb-pressure'] as const

/** Checks that tell less than this are not worth a walk to the rack. */
const worthTelling = 0.2

/** Of all checks on all films the one that tells most of how this studio's paint dries; null: none is worth it. */
export function mostTelling(films: readonly ToTry[], learnt: Learnt): TellingCheck | null {
  let [most, found]: [number, TellingCheck | null] = [worthTelling, null]
  for (const { parts, forecast, days, ...film } of films) {
    const factor = factorOf(learnt, parts)
    for (const check of gentleChecks) {
      const chance = chanceBy(forecast, stateOfCheck[check], days)
      const tells = tellingOf(chance, factor)
      if (tells > most) [most, found] = [tells, { ...film, check, chance }]
    }
  }
  return found
}
