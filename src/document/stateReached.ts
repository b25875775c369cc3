import { isReached } from '../core/cure/forecast.ts'
import type { Forecast } from '../core/cure/forecast.ts'
import { stateIds } from '../core/cure/states.ts'
import type { StateId } from '../core/cure/states.ts'
import type { Assessment } from './assess.ts'
import type { LayerDocument } from './layer.ts'
import type { Picture } from './picture.ts'

interface FilmOnDay {
  readonly layer: LayerDocument
  readonly forecast: Forecast
  /** Days since it was laid. */
  readonly age: number
}

/** What lies on a picture on a day. Today only what is painted is there; on a later day what is planned by then, too. */
const filmsOn = (
  { layers, today }: Picture,
  { layers: assessed }: Assessment,
  day: number,
): readonly FilmOnDay[] =>
  assessed.flatMap(({ date, spots }, at) => {
    const layer = layers[at]!
    if (date.day > day || (layer.painted === null && day <= today)) return []
    const isThere = (goneBy: number | null): boolean => goneBy === null || assessed[goneBy]!.date.day > day
    return spots
      .filter(({ goneBy }) => isThere(goneBy))
      .map(({ forecast }) => ({ layer, forecast, age: day - date.day }))
  })

/** The names of what is not likely firm yet on a day, somewhere, from the bottom up. */
export const stillSoft = (picture: Picture, assessment: Assessment, day: number): readonly string[] => {
  const soft = filmsOn(picture, assessment, day).filter(
    ({ forecast, age }) => !isReached(forecast, 'firm', age),
  )
  return [...new Set(soft.map(({ layer }) => layer.name))]
}

/**
 * The state that every film there has likely reached by a day; `wet`: one is not touch dry, `bare`: nothing lies there.
 */
export function stateReached(
  picture: Picture,
  assessment: Assessment,
  day: number,
): StateId | 'wet' | 'bare' {
  const films = filmsOn(picture, assessment, day)
  if (films.length === 0) return 'bare'
  return (
    stateIds.findLast((state) => films.every(({ forecast, age }) => isReached(forecast, state, age))) ?? 'wet'
  )
}
