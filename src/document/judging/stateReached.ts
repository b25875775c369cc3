import { isReached } from '../../core/cure/forecast.ts'
import type { Forecast } from '../../core/cure/forecast.ts'
import { stateIds } from '../../core/cure/states.ts'
import type { StateId } from '../../core/cure/states.ts'
import type { Reached } from '../../core/finish/stageOf.ts'
import type { Assessment, AssessedSpot } from './assess.ts'
import type { LayerDocument } from '../layer.ts'
import type { Picture } from '../picture/picture.ts'

export interface FilmOnDay {
  readonly layer: LayerDocument
  readonly spot: AssessedSpot
  /** Days since it was laid. */
  readonly age: number
}

/** What lies on a picture on a day. Today only what is painted is there; on a later day what is planned by then, too. */
export const filmsOn = (
  { layers, today }: Picture,
  { layers: assessed }: Assessment,
  day: number,
): readonly FilmOnDay[] =>
  assessed.flatMap(({ date, spots }, at) => {
    const layer = layers[at]!
    if (date.day > day || (layer.painted === null && day <= today)) return []
    const isThere = (goneBy: number | null): boolean =>
      goneBy === null ||
      assessed[goneBy]!.date.day > day ||
      (layers[goneBy]!.painted === null && day <= today)
    return spots.filter(({ goneBy }) => isThere(goneBy)).map((spot) => ({ layer, spot, age: day - date.day }))
  })

/** The names of what is not likely firm yet on a day, somewhere, from the bottom up. */
export const stillSoft = (picture: Picture, assessment: Assessment, day: number): readonly string[] => {
  const soft = filmsOn(picture, assessment, day).filter(
    ({ spot, age }) => !isReached(spot.forecast, 'firm', age),
  )
  return [...new Set(soft.map(({ layer }) => layer.name))]
}

/** The state that every one of these films has likely reached; `wet`: one is not touch dry. */
export function stateOfFilms(
  films: readonly { readonly forecast: Forecast; readonly age: number }[],
): Reached {
  if (films.length === 0) return 'bare'
  const isReachedByAll = (state: StateId): boolean =>
    films.every(({ forecast, age }) => isReached(forecast, state, age))
  return stateIds.findLast(isReachedByAll) ?? 'wet'
}
