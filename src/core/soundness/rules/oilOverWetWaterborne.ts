import { waterDaysRange } from '../../film/waterDays.ts'
import { isEmulsion, isOily, isWaterborne } from '../../film/kindOfFilm.ts'
import { figure } from '../../figure.ts'
import { dayCount } from '../../words.ts'
import { pairRule } from '../rule.ts'

export const oilOverWetWaterborne = pairRule({
  id: 'oil-over-wet-waterborne',
  mends: ['wait'],
  says: ({ lower, upper, waited, lowerUm }, { climate }) => {
    if (!isWaterborne(lower.film) || !isOily(upper.film) || isEmulsion(upper.film)) return null
    const { least, good } = waterDaysRange(lower.film, lowerUm, climate)
    if (waited >= good - 1e-9) return null
    return {
      severity: waited < least - 1e-9 ? 'unsound' : 'watch',
      message: `Water still leaving ${lower.name} blisters the oil: ${upper.name} goes on after ${dayCount(waited)}, and it wants ${dayCount(good)}.`,
      numbers: {
        waitedDays: figure('days between the two', waited, 'days'),
        least: figure('days it needs at least', least, 'days'),
        good: figure('days advised', good, 'days'),
        thickness: figure(`${lower.name}, dry`, lowerUm, 'µm'),
      },
    }
  },
})
