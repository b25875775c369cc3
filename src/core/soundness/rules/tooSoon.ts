import { chanceBy, daysAtChance } from '../../cure/forecast.ts'
import { stateNames } from '../../cure/states.ts'
import { figure } from '../../figure.ts'
import { gateOf } from '../../practice/gate.ts'
import { about, dayCount, percent } from '../../words.ts'
import { limitFigures } from '../limit.ts'
import { isOilFilm } from '../oilFilm.ts'
import { pairRule } from '../rule.ts'

const chanceText = (chance: number): string => (chance < 0.01 ? 'under 1 %' : percent(chance))

export const tooSoon = pairRule({
  id: 'too-soon',
  title: 'Painted too soon',
  reason:
    'Each practice waits for a state of the layer below; a thin layer need only be touch dry. The chance that it is reached comes from the drying forecast and from touch tests, which outrank it (science.md §5 and §6).',
  byPractice: true,
  mends: ['wait'],
  says: ({ lower, upper, waited, lowerUm }, { practice }) => {
    if (!isOilFilm(lower.film) || !(lower.rate > 0)) return null
    const gate = gateOf(practice, lower.film, lowerUm)
    const limit = practice.limits.gateChance
    const chance = chanceBy(lower.forecast, gate, waited)
    const touchDry = chanceBy(lower.forecast, 'touch', waited)
    if (chance >= limit.watch) return null
    const sure = daysAtChance(lower.forecast, gate, 0.8)
    const needs =
      sure === null
        ? `it may never be ${stateNames[gate]}`
        : `8 times in 10 it takes no more than ${dayCount(sure)}`
    return {
      severity: touchDry < limit.unsound ? 'unsound' : 'watch',
      message: `${upper.name} goes on ${dayCount(waited)} after ${lower.name}, when it is ${stateNames[gate]} with a chance of ${chanceText(chance)}; ${needs}.`,
      numbers: {
        chance: figure(`chance that ${lower.name} is ${stateNames[gate]}`, Number(about(100 * chance)), '%'),
        touchDry: figure(`chance that it is touch dry`, Number(about(100 * touchDry)), '%'),
        likely: figure(
          `days until ${stateNames[gate]}, likely`,
          daysAtChance(lower.forecast, gate, 0.5),
          'days',
        ),
        sure: figure(`days until ${stateNames[gate]}, 8 times in 10`, sure, 'days'),
        waitedDays: figure('days between the two', waited, 'days'),
        ...limitFigures('gateChance', limit),
      },
    }
  },
})
