import { isReached } from '../core/cure/forecast.ts'
import { stateIds } from '../core/cure/states.ts'
import type { StateId } from '../core/cure/states.ts'
import type { Assessment } from './assess.ts'
import type { Picture } from './picture.ts'

/**
 * The state that every film there has likely reached by a day; `wet`: one is not touch dry, `bare`: nothing lies there.
 * Today only what is painted is there; on a later day what is planned by then, too.
 */
export function stateReached(
  { layers, today }: Picture,
  { layers: assessed }: Assessment,
  day: number,
): StateId | 'wet' | 'bare' {
  const films = assessed.flatMap(({ date, spots }, at) => {
    if (date.day > day || (layers[at]!.painted === null && day <= today)) return []
    const isThere = (goneBy: number | null): boolean => goneBy === null || assessed[goneBy]!.date.day > day
    return spots
      .filter(({ goneBy }) => isThere(goneBy))
      .map(({ forecast }) => ({ forecast, age: day - date.day }))
  })
  if (films.length === 0) return 'bare'
  return (
    stateIds.findLast((state) => films.every(({ forecast, age }) => isReached(forecast, state, age))) ?? 'wet'
  )
}
