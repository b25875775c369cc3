import { chanceBy, daysAtChance, likelyCured } from '../../core/cure/forecast.ts'
import { findInLibrary } from '../../core/materials/find.ts'
import { biteOf } from '../../core/medium/solvents.ts'
import { biteOn, givesFrom } from '../../core/soundness/solventBite.ts'
import type { EventKind } from '../../core/stack/kinds.ts'
import type { AssessedFinding, Assessment } from '../judging/assess.ts'
import { dayText } from '../dateText.ts'
import type { Picture } from '../picture/picture.ts'

/** What can still be done about a layer that is on the picture: in words, and as something that happens to it. */
export interface StillPossible {
  readonly says: string
  /** Null: nothing is done but waiting. */
  readonly event: EventKind | null
}

const turpentine = findInLibrary('gum_turpentine')!
/** Below even odds of a state a film is likely short of it. */
const evenOdds = 0.5

/** Wiping, scraping, dissolving, oiling out and waiting, as far as the day allows; none of it on what is only planned. */
export function stillPossible(
  { layer, layerId }: Pick<AssessedFinding, 'layer' | 'layerId'>,
  picture: Picture,
  assessment: Assessment,
): readonly StillPossible[] {
  const { worst, date } = assessment.layers[layer]!
  const painted = picture.layers.find(({ id }) => id === layerId)
  if (!worst || !painted?.painted || worst.goneBy !== null) return []
  const isCovered = picture.layers
    .slice(layer + 1)
    .some(
      (other, at) =>
        other.painted && assessment.layers[layer + 1 + at]!.spots.some(({ area }) => area === worst.area),
    )
  const { film, forecast } = worst
  const age = picture.today - date.day
  const wet = chanceBy(forecast, 'touch', age) < evenOdds
  const soft = chanceBy(forecast, 'firm', age) < evenOdds
  const dissolves =
    biteOn(film, likelyCured(forecast, age), { share: 1, power: biteOf(turpentine) }) >= givesFrom
  const isDull = film.surface === 'matt' || film.surface === 'underbound'
  const firmIn = daysAtChance(forecast, 'firm', 0.8)
  return [
    ...(wet && !isCovered ? [{ says: 'Wipe it off: it is likely still wet', event: 'wipe' as const }] : []),
    ...(!wet && soft && !isCovered
      ? [{ says: 'Scrape it off: it is likely still soft', event: 'scrape' as const }]
      : []),
    ...(!wet && dissolves && !isCovered
      ? [
          {
            says: 'Dissolve it with a swab of turpentine, which it likely still gives to',
            event: 'dissolve' as const,
          },
        ]
      : []),
    ...(!wet && isDull && !isCovered
      ? [{ says: 'Oil it out thinly, and paint into that', event: 'oil-out' as const }]
      : []),
    ...(soft
      ? [
          {
            says:
              firmIn === null
                ? 'Wait: by its forecast it may never be firm'
                : `Wait with what follows until it is firm, about ${dayText(date.day + firmIn)}`,
            event: null,
          },
        ]
      : []),
  ]
}
