import { isReached } from '../../cure/forecast.ts'
import { figure } from '../../figure.ts'
import { levelOf } from '../../practice/limits.ts'
import { dayCount, percent } from '../../words.ts'
import type { LaidLayer } from '../lay.ts'
import { limitedFigure, limitFigures } from '../limit.ts'
import { isEmulsion, isOily, isWaterborne } from '../../film/kindOfFilm.ts'
import { layerRule, pairRule, together } from '../rule.ts'
import type { Said } from '../rule.ts'

const text = {
  id: 'water-over-oil',
  mends: ['order' as const, 'leave-out' as const],
}

/** From this share of water in the wet mix on, by volume, an oily paint counts as watery over oil. */
const wateryFrom = 0.05
/** So many days oil stays wet enough to take an emulsion into it. */
const intoWetDays = 2

const water = ({ film }: LaidLayer) => figure('water in the wet mix, by volume', 100 * film.mix.water, '%')

const overOil = pairRule({
  ...text,
  ofOneFilm: true,
  says: ({ lower, upper, waited }) => {
    if (!isOily(lower.film) || !(upper.film.mix.water >= wateryFrom || isWaterborne(upper.film))) return null
    const waitedDays = figure('days between the two', waited, 'days')
    if (isEmulsion(upper.film)) {
      // What an emulsion waits for over another is its water (rules.md 19).
      if (isEmulsion(lower.film)) return null
      const isWet = !isReached(lower.forecast, 'touch', waited)
      if (isWet && waited <= intoWetDays) return null
      const firm = isReached(lower.forecast, 'firm', waited)
      return {
        severity: firm ? 'watch' : 'unsound',
        message: firm
          ? `${upper.name} is an emulsion over oil: on ${lower.name}, likely firm after ${dayCount(waited)}, it holds only thin and lean.`
          : `${upper.name} is an emulsion over ${lower.name}, neither wet enough to be painted into nor firm: it would lift.`,
        numbers: { water: water(upper), waitedDays },
      }
    }
    if (upper.materials.some(({ waterMixable }) => waterMixable)) return null
    return {
      severity: 'unsound',
      message: isWaterborne(upper.film)
        ? `Water-based ${upper.name} does not hold on the oil of ${lower.name}: it peels.`
        : `${upper.name} holds water over the oil of ${lower.name}: it does not hold there, and peels.`,
      numbers: { water: water(upper), waitedDays },
    }
  },
})

const inOil = layerRule({
  ...text,
  says: ({ layer }, { practice: { limits } }): Said | null => {
    const { name, film, materials } = layer
    const share = film.mix.water
    if (!isOily(film) || isWaterborne(film) || film.binder.protein > 0 || share === 0) return null
    if (!materials.some(({ waterMixable }) => waterMixable))
      return {
        severity: 'unsound',
        message: `${name} has water in oil paint: it does not mix, and leaves holes and weak spots. Thin it with oil or spirit.`,
        numbers: { water: water(layer) },
      }
    const severity = levelOf('waterMixed', limits.waterMixed, share)
    return (
      severity && {
        severity,
        message: `${name} is ${percent(share)} water by volume: more than water-mixable oil takes without losing its hold.`,
        numbers: {
          share: limitedFigure('waterMixed', share),
          ...limitFigures('waterMixed', limits.waterMixed),
        },
      }
    )
  },
})

export const waterOverOil = together(overOil, inOil)
