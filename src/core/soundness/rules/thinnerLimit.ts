import { isClear, isEmulsion, isWaterborne } from '../../film/kindOfFilm.ts'
import { levelOf } from '../../practice/limits.ts'
import { percent } from '../../words.ts'
import { limitedFigure, limitFigures } from '../limit.ts'
import { layerRule } from '../rule.ts'

/** Thinner poured into paint, for first and later layers; where no solvent is wanted at all, whatever flies off but water. */
export const thinnerLimit = layerRule({
  id: 'thinner-limit',
  mends: ['less-thinner', 'without-medium', 'another-medium', 'leave-out'],
  says: ({ layer: { name, film, index } }, { practice: { limits, thinnerCounts } }) => {
    const { thinner, volatile, water } = film.mix
    const countsAll = thinnerCounts === 'volatile'
    // What is poured into an emulsion is its own water, and a clear coat is no paint that is thinned.
    const isNoPaint = isClear(film) || isEmulsion(film)
    if (isWaterborne(film) || (isNoPaint && !countsAll)) return null
    const share = countsAll ? volatile - water : thinner
    const key = index === 0 ? 'thinnerFirst' : 'thinnerLater'
    const severity = levelOf(key, limits[key], share)
    return (
      severity && {
        severity,
        message: `${name} is ${percent(share)} ${countsAll ? 'solvent' : 'thinner'} by volume as it goes on: ${limits[key].watch === 0 ? 'this school takes none' : 'it dries thin and drained, and softens what is under it'}.`,
        numbers: { share: limitedFigure(key, share), ...limitFigures(key, limits[key]) },
      }
    )
  },
})
