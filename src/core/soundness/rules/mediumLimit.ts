import { levelOf } from '../../practice/limits.ts'
import { percent } from '../../words.ts'
import { limitedFigure, limitFigures } from '../limit.ts'
import { isGlaze } from '../../film/kindOfFilm.ts'
import { layerRule } from '../rule.ts'

export const mediumLimit = layerRule({
  id: 'medium-limit',
  title: 'Medium in the mix',
  afterwards:
    'While it is wet it can be blotted. Dry: keep what follows thin and no leaner, and give it light, or it yellows.',
  says: ({ layer: { name, film, isOilFilm } }, { practice: { limits } }) => {
    const share = film.mix.mediumLessSolvent
    if (share === null || !isOilFilm) return null
    const key = isGlaze(film) ? 'mediumInGlaze' : 'medium'
    const severity = levelOf(key, limits[key], share)
    if (!severity) return null
    return {
      severity,
      message: `${name} is ${percent(share)} medium, its solvent left out: ${key === 'medium' ? 'as paint it would wrinkle and yellow' : 'even a glaze needs more body than that'}.`,
      numbers: { share: limitedFigure(key, share), ...limitFigures(key, limits[key]) },
    }
  },
})
