import { isReached } from '../../cure/forecast.ts'
import { levelOf } from '../../practice/limits.ts'
import { percent } from '../../words.ts'
import { limitedFigure, limitFigures } from '../limit.ts'
import type { LaidArea, LaidLayer } from '../lay.ts'
import { layerRule } from '../rule.ts'

/** Whether something under a layer is still soft when it goes on. */
const liesOverSoft = ({ pairs }: LaidArea, { index }: LaidLayer): boolean =>
  pairs[index]!.some(
    ({ lower, waited, isOneFilm }) =>
      lower.isOilFilm && !isOneFilm && !isReached(lower.forecast, 'firm', waited),
  )

export const alkydLimit = layerRule({
  id: 'alkyd-limit',
  mends: ['less-medium', 'another-medium', 'without-medium', 'wait', 'leave-out'],
  says: ({ layer }, { area, practice: { limits, alkydWatched } }) => {
    const { name, film, isOilFilm, index } = layer
    const key = index === 0 ? 'alkydFirst' : 'alkydLater'
    const severity = isOilFilm ? levelOf(key, limits[key], film.binder.alkyd) : null
    if (!severity) return null
    if (index > 0 && alkydWatched === 'over-soft' && !liesOverSoft(area, layer)) return null
    return {
      severity,
      message: `${percent(film.binder.alkyd)} of the binder in ${name} is alkyd: fast and stiff, more than this school takes ${index === 0 ? 'to begin with' : 'over other paint'}.`,
      numbers: { share: limitedFigure(key, film.binder.alkyd), ...limitFigures(key, limits[key]) },
    }
  },
})
