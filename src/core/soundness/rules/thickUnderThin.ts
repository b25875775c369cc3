import { isReached } from '../../cure/forecast.ts'
import { figure } from '../../figure.ts'
import type { Finding, Rule } from '../finding.ts'
import { defaultPractice } from '../practice.ts'
import { about, dayCount } from '../../words.ts'
import { worst } from './fatOverLean.ts'

export const thickUnderThin: Rule = {
  id: 'thick-under-thin',
  title: 'Thick under thin',
  reason:
    'Thick paint goes on shrinking for months; a thin film over it is cracked by that. Rule of thumb, science.md §6; judged at the thickest spot of the lower layer.',
  byPractice: true,
  find: ({ layers, practice = defaultPractice, oneFilm }) =>
    layers.flatMap((upper) =>
      worst(
        layers.slice(0, upper.index).flatMap((lower): Finding[] => {
          const { ratio, overUm } = practice.thickUnderThin
          const thicker = lower.thickestUm / upper.film.dryThicknessUm
          if (!(thicker > ratio && lower.thickestUm > overUm) || oneFilm(lower.index, upper.index)) return []
          const waited = upper.appliedDay - lower.appliedDay
          if (isReached(lower.forecast, 'cured', waited)) return []
          const firm = isReached(lower.forecast, 'firm', waited)
          return [
            {
              rule: 'thick-under-thin',
              severity: firm ? 'watch' : 'unsound',
              layer: upper.index,
              under: lower.index,
              message: `${lower.name} is ${about(thicker)} times as thick as ${upper.name} over it, and ${firm ? 'firm but not cured' : 'not firm'} after ${dayCount(waited)}.`,
              numbers: {
                below: figure(`thickest spot of ${lower.name}, dry`, lower.thickestUm, 'µm'),
                above: figure(`${upper.name}, dry`, upper.film.dryThicknessUm, 'µm'),
                ratio: figure('ratio the practice allows', ratio),
                firmDays: figure(
                  `days until ${lower.name} is firm (likely)`,
                  lower.forecast.days.firm,
                  'days',
                ),
                curedDays: figure(
                  `days until ${lower.name} is cured (likely)`,
                  lower.forecast.days.cured,
                  'days',
                ),
                waitedDays: figure('days between the two', waited, 'days'),
              },
            },
          ]
        }),
      ),
    ),
}
