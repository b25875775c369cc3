import { figure } from '../../figure.ts'
import { removalRestDays } from '../../stack/rest.ts'
import { dayCount } from '../../words.ts'
import { areaRule } from '../rule.ts'

export const solventLeaving = areaRule({
  id: 'solvent-leaving',
  mends: ['wait'],
  finds: ({ area: { removals, layers }, climate }) =>
    removals.flatMap((removal) => {
      const rest = removalRestDays(removal.how, removal.solvent, climate.temperatureC)
      const next = layers.find(({ event }) => event > removal.event)
      if (!next || rest === 0) return []
      const waited = next.appliedDay - removal.day
      if (waited >= rest - 1e-9) return []
      return [
        {
          severity: 'watch',
          layer: next.event,
          under: removal.event,
          message: `${next.name} goes on ${dayCount(waited)} after ${removal.name}, while its solvent is still leaving: it wants ${dayCount(rest)}.`,
          numbers: {
            waitedDays: figure('days between the two', waited, 'days'),
            rest: figure('days the solvent takes to leave', rest, 'days'),
          },
        },
      ]
    }),
})
