import { isReached } from '../../cure/forecast.ts'
import { figure } from '../../figure.ts'
import { about, dayCount } from '../../words.ts'
import { boundFigure } from '../limit.ts'
import { mismatchVerdict, worstOf } from '../mismatch.ts'
import { pairRule } from '../rule.ts'
import { besideThickness } from './fatOverLean.ts'

export const slowUnderFast = pairRule({
  id: 'slow-under-fast',
  byPractice: true,
  mends: ['another-medium', 'without-medium', 'wait', 'order'],
  says: ({ lower, upper, waited, lowerUm, mismatch }, { practice: { limits } }) => {
    if (!lower.isOilFilm || !upper.isOilFilm || !(lower.rate > 0)) return null
    const ratio = upper.rate / lower.rate
    if (ratio < limits.rateRatio.watch || isReached(lower.forecast, 'firm', waited)) return null
    const drags = mismatch && mismatchVerdict(worstOf(mismatch), limits.mismatch)
    const severity = besideThickness(
      drags === 'unsound' ? 'unsound' : 'watch',
      lowerUm,
      upper,
      limits.thinLower,
    )
    if (!severity) return null
    return {
      severity,
      message: `${upper.name} dries ${about(ratio)} times as fast as ${lower.name} under it, which is likely not firm after ${dayCount(waited)}.`,
      numbers: {
        ratio: figure('drying speed of the upper over the lower', ratio),
        above: figure(`drying speed of ${upper.name}, raw linseed = 1`, upper.rate),
        below: figure(`drying speed of ${lower.name}, raw linseed = 1`, lower.rate),
        firmDays: figure(`days until ${lower.name} is firm (likely)`, lower.forecast.days.firm, 'days'),
        waitedDays: figure('days between the two', waited, 'days'),
        watch: boundFigure('rateRatio', limits.rateRatio.watch),
      },
    }
  },
})
