import { figure } from '../../figure.ts'
import { levelOf } from '../../practice/limits.ts'
import { limitFigures, timesBearable } from '../limit.ts'
import { pairRule } from '../rule.ts'

export const mismatch = pairRule({
  id: 'mismatch',
  mends: ['medium', 'another-medium', 'without-medium', 'wait', 'order', 'leave-out'],
  says: ({ lower, upper, mismatch: pair }, { practice }) => {
    if (!pair || !lower.isOilFilm || !upper.isOilFilm) return null
    const { slip, later } = pair
    const limit = practice.limits.mismatch
    const severity = later === null ? 'unsound' : levelOf('mismatch', limit, Math.max(slip, later))
    if (!severity) return null
    return {
      severity,
      message:
        later === null
          ? `${upper.name} will not harden by itself: its oil dries too slowly, or not at all.`
          : slip >= later
            ? `${upper.name} sets faster than ${lower.name} under it: what is still moving there moves ${timesBearable(slip, limit)}.`
            : `${lower.name} goes on shrinking after ${upper.name} has set over it: it moves ${timesBearable(later, limit)}.`,
      numbers: {
        slip: figure('slip while the upper sets, of what it tolerates', slip),
        later: figure('stretch after it has set, of what it tolerates', later),
        ...limitFigures('mismatch', limit),
      },
    }
  },
})
