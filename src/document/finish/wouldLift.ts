import { cleaningSolvents, removerOf, yieldsFrom } from '../../core/finish/removability.ts'
import { isVarnish, kindTable } from '../../core/stack/kinds.ts'
import type { Assessment } from '../judging/assess.ts'
import { brushOf } from '../brush.ts'
import { readyOf } from '../picture/picture.ts'
import type { Picture } from '../picture/picture.ts'
import type { FindMaterial } from '../../core/materials/find.ts'

/** What one of the usual cleaning solvents would take in one area, and why. */
export interface Lifted {
  readonly area: string
  /** Surface first; none: nothing gives. */
  readonly films: readonly { readonly name: string; readonly because: string }[]
}
export interface Rehearsed {
  readonly solvent: string
  readonly rank: number
  readonly areas: readonly Lifted[]
}

/**
 * The rehearsal of a future cleaning, on a day: for each of the usual solvents the films that would give, area by area. What
 * lies under a film that holds is not reached.
 */
export function wouldLift(
  picture: Picture,
  assessment: Assessment,
  day: number,
  findMaterial: FindMaterial,
): readonly Rehearsed[] {
  const inAreas = assessment.areas.map(({ area }) => ({
    area: area.name,
    films: assessment.layers.flatMap(({ spots, date }, at) => {
      const layer = picture.layers[at]!
      const spot = spots.find((one) => one.area === area.id && one.layer === at && one.goneBy === null)
      if (!spot || !layer.painted) return []
      if (isVarnish(kindTable[brushOf(layer).event.kind].purpose)) {
        const { mix } = readyOf(layer, picture.mediums, findMaterial)
        const remover = mix && removerOf(mix.materials)
        const rank = remover?.fresh ?? cleaningSolvents.length + 1
        return [
          {
            name: layer.name,
            rank,
            because: remover ? 'it is a varnish, and meant to' : 'nothing takes it off alone',
          },
        ]
      }
      return [{ name: layer.name, ...yieldsFrom(spot.film, spot.forecast, day - date.day) }]
    }),
  }))
  return cleaningSolvents.map(({ rank, name }) => ({
    solvent: name,
    rank,
    areas: inAreas.map(({ area, films }) => ({ area, films: reached(films.toReversed(), rank) })),
  }))
}

interface Giving {
  readonly name: string
  readonly rank: number
  readonly because: string
}

/** From the surface down, as far as each gives. */
function reached(films: readonly Giving[], rank: number): Lifted['films'] {
  const holds = films.findIndex((film) => film.rank > rank)
  const gives = holds < 0 ? films : films.slice(0, holds)
  return gives.map(({ name, because }) => ({ name, because }))
}
