import { isReached } from '../../cure/forecast.ts'
import { figure } from '../../figure.ts'
import { about, dayCount } from '../../words.ts'
import { boundFigure } from '../limit.ts'
import { glazeFlex } from '../../film/kindOfFilm.ts'
import { pairRule } from '../rule.ts'

/** Thicknesses are rounded when they are written: so much over the limit is still the limit. */
const rounding = 1.001

export const thickUnderThin = pairRule({
  id: 'thick-under-thin',
  byPractice: true,
  mends: ['thicker', 'wait', 'order'],
  says: ({ lower, upper, waited, lowerUm }, { practice: { limits } }) => {
    if (!lower.isOilFilm || !upper.isOilFilm) return null
    const thicker = lowerUm / upper.film.dryThicknessUm
    if (!(thicker > rounding * limits.thickRatio.watch && lowerUm > limits.thickFrom.watch)) return null
    if (isReached(lower.forecast, 'cured', waited)) return null
    const firm = isReached(lower.forecast, 'firm', waited)
    const gives = (upper.film.flex ?? 0) >= glazeFlex
    if (firm && gives) return null
    return {
      severity: firm || gives ? 'watch' : 'unsound',
      message: `${lower.name} is ${about(thicker)} times as thick as ${upper.name} over it, and ${firm ? 'firm but not cured' : 'not firm'} after ${dayCount(waited)}.`,
      numbers: {
        below: figure(`thickest spot of ${lower.name}, dry`, lowerUm, 'µm'),
        above: figure(`${upper.name}, dry`, upper.film.dryThicknessUm, 'µm'),
        ratio: boundFigure('thickRatio', limits.thickRatio.watch),
        from: boundFigure('thickFrom', limits.thickFrom.watch),
        flex: figure(
          `stretch of ${upper.name}, raw linseed = 1 (a glaze from ${glazeFlex})`,
          upper.film.flex,
        ),
        firmDays: figure(`days until ${lower.name} is firm (likely)`, lower.forecast.days.firm, 'days'),
        curedDays: figure(`days until ${lower.name} is cured (likely)`, lower.forecast.days.cured, 'days'),
        waitedDays: figure('days between the two', waited, 'days'),
      },
    }
  },
})
