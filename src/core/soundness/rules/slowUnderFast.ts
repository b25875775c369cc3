import { isReached } from '../../cure/forecast.ts'
import { figure } from '../../figure.ts'
import type { Finding, Rule } from '../finding.ts'
import { defaultPractice } from '../practice.ts'
import { about, dayCount } from '../../words.ts'
import { worst } from './fatOverLean.ts'

export const slowUnderFast: Rule = {
  id: 'slow-under-fast',
  title: 'Slow under fast',
  reason:
    'A fast layer closes over a slow one that is not firm; the slow one then shrinks and drags it. Rule of thumb, science.md §6; the mismatch weighs the same by physics.',
  byPractice: true,
  find: ({ layers, practice = defaultPractice, oneFilm }) =>
    layers.flatMap((upper) =>
      worst(
        layers.slice(0, upper.index).flatMap((lower): Finding[] => {
          if (!(lower.rate > 0) || oneFilm(lower.index, upper.index)) return []
          const waited = upper.appliedDay - lower.appliedDay
          const ratio = upper.rate / lower.rate
          if (ratio < practice.rateRatio.watch || isReached(lower.forecast, 'firm', waited)) return []
          return [
            {
              rule: 'slow-under-fast',
              severity: ratio >= practice.rateRatio.unsound ? 'unsound' : 'watch',
              layer: upper.index,
              under: lower.index,
              message: `${upper.name} dries ${about(ratio)} times as fast as ${lower.name} under it, which is not firm after ${dayCount(waited)}.`,
              numbers: {
                ratio: figure('drying speed of the upper over the lower', ratio),
                above: figure(`drying speed of ${upper.name}, raw linseed = 1`, upper.rate),
                below: figure(`drying speed of ${lower.name}, raw linseed = 1`, lower.rate),
                firmDays: figure(
                  `days until ${lower.name} is firm (likely)`,
                  lower.forecast.days.firm,
                  'days',
                ),
                waitedDays: figure('days between the two', waited, 'days'),
                watch: figure('watch from', practice.rateRatio.watch),
                unsound: figure('unsound from', practice.rateRatio.unsound),
              },
            },
          ]
        }),
      ),
    ),
}
