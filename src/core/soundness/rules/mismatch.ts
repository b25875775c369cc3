import { figure } from '../../figure.ts'
import type { Finding, Rule } from '../finding.ts'
import { mismatchLimits, mismatchVerdict } from '../mismatch.ts'
import { about } from '../../words.ts'
import { worst } from './fatOverLean.ts'

export const mismatch: Rule = {
  id: 'mismatch',
  title: 'Mismatch of movement',
  reason:
    'Every oil film shrinks as it cures. Where the upper hardens over a lower that is still moving, it slips while it sets or is stretched later. The movement is followed for 1500 days by the cure model and set against what the upper film tolerates (model; science.md §6).',
  byPractice: false,
  find: ({ layers, mismatch: known }) =>
    layers.flatMap((upper) => {
      const pairs =
        known?.pairs.filter((pair) => pair.upper === upper.index && pair.lower < layers.length) ?? []
      return worst(
        pairs.flatMap(({ lower, slip, later }): Finding[] => {
          const under = layers[lower]!
          const total = later === null ? null : Math.max(slip, later)
          const verdict = mismatchVerdict(total)
          if (verdict === 'sound') return []
          const message =
            total === null
              ? `${upper.name} will not harden by itself: its oil dries too slowly, or not at all.`
              : slip >= (later ?? 0)
                ? `${upper.name} sets faster than ${under.name} under it, which is still moving: ${about(total)} of what the film can take.`
                : `${under.name} will go on shrinking after ${upper.name} has set over it: ${about(total)} of what the film can take.`
          return [
            {
              rule: 'mismatch',
              severity: verdict,
              layer: upper.index,
              under: lower,
              message,
              numbers: {
                slip: figure('slip while the upper sets, of what it tolerates', slip),
                later: figure('stretch after it has set, of what it tolerates', later),
                watch: figure('sound below', mismatchLimits.watch),
                unsound: figure('unsound above', mismatchLimits.unsound),
              },
            },
          ]
        }),
      )
    }),
}
