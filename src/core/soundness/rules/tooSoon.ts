import { chanceBy, daysAtChance } from '../../cure/forecast.ts'
import { stateNames } from '../../cure/states.ts'
import { figure } from '../../figure.ts'
import type { Finding, Rule } from '../finding.ts'
import { gateOf } from '../gate.ts'
import { defaultPractice } from '../practice.ts'
import { about, dayCount, percent } from '../../words.ts'
import { worst } from './fatOverLean.ts'

export const tooSoon: Rule = {
  id: 'too-soon',
  title: 'Painted too soon',
  reason:
    'Each practice waits for a state of the layer below. The chance that it is reached comes from the drying forecast and from touch tests, which outrank it (science.md §5 and §6).',
  byPractice: true,
  find: ({ layers, practice = defaultPractice, oneFilm }) =>
    layers.flatMap((upper) =>
      worst(
        layers.slice(0, upper.index).flatMap((lower): Finding[] => {
          if (!(lower.rate > 0) || oneFilm(lower.index, upper.index)) return []
          const gate = gateOf(practice, lower.film)
          const waited = upper.appliedDay - lower.appliedDay
          const chance = chanceBy(lower.forecast, gate, waited)
          if (chance >= practice.gateChance.watch) return []
          const sure = daysAtChance(lower.forecast, gate, 0.8)
          const needs =
            sure === null
              ? `it may never be ${stateNames[gate]}`
              : `8 times in 10 it takes no more than ${dayCount(sure)}`
          return [
            {
              rule: 'too-soon',
              severity: chance < practice.gateChance.unsound ? 'unsound' : 'watch',
              layer: upper.index,
              under: lower.index,
              message: `${upper.name} goes on ${dayCount(waited)} after ${lower.name}, when it is ${stateNames[gate]} with a chance of ${chance < 0.01 ? 'under 1 %' : percent(chance)}; ${needs}.`,
              numbers: {
                chance: figure(
                  `chance that ${lower.name} is ${stateNames[gate]}`,
                  Number(about(100 * chance)),
                  '%',
                ),
                likely: figure(
                  `days until ${stateNames[gate]}, likely`,
                  daysAtChance(lower.forecast, gate, 0.5),
                  'days',
                ),
                sure: figure(`days until ${stateNames[gate]}, 8 times in 10`, sure, 'days'),
                waitedDays: figure('days between the two', waited, 'days'),
                watch: figure('watch below a chance of', 100 * practice.gateChance.watch, '%'),
                unsound: figure('unsound below a chance of', 100 * practice.gateChance.unsound, '%'),
              },
            },
          ]
        }),
      ),
    ),
}
