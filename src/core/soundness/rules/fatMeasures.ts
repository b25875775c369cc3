import { isReached } from '../../cure/forecast.ts'
import { figure } from '../../figure.ts'
import type { Figure } from '../../figure.ts'
import type { Limits } from '../../practice/limits.ts'
import type { FatMeasure } from '../../practice/measures.ts'
import { about, dayCount, percent } from '../../words.ts'
import { fatFiguresOf } from '../fatMeasures.ts'
import type { LaidPair } from '../lay.ts'
import { boundFigure } from '../limit.ts'
import { mismatchVerdict, worstOf } from '../mismatch.ts'
import { pairRule } from '../rule.ts'

type Spoken = { readonly message: string; readonly limit: Figure } | null
interface Compared {
  readonly below: number
  readonly above: number
  readonly pair: LaidPair
  readonly isFirm: boolean
  readonly limits: Limits
}

/** A measure of fat besides leanness: what it is called, and when and what it says of an upper layer over a lower. */
interface Measure {
  readonly id: string
  readonly measure: Exclude<FatMeasure, 'leanness'>
  readonly label: string
  readonly unit: string
  readonly times?: number
  readonly says: (compared: Compared) => Spoken
}

/** A rule of one measure, as grave as the practice has it: it rules, it advises with a note, or it is only shown. */
const measured = ({ id, measure, label, unit, times = 1, says }: Measure) =>
  pairRule({
    id,
    mends: ['medium', 'wait', 'thicker', 'another-medium'],
    says: (pair, { practice, area }) => {
      const weight = practice.fat[measure]
      const { lower, upper, waited, mismatch } = pair
      if (weight === 'off' || !lower.isOilFilm || !upper.isOilFilm) return null
      // What only advises speaks of the layer right under it, not of each below.
      if (weight === 'advises' && area.pairs[upper.index]!.at(-1)?.lower !== lower) return null
      const below = fatFiguresOf(lower, practice)[measure]
      const above = fatFiguresOf(upper, practice)[measure]
      if (below === null || above === null) return null
      const isFirm = isReached(lower.forecast, 'firm', waited)
      const spoken = says({ below, above, pair, isFirm, limits: practice.limits })
      if (!spoken) return null
      const isWet = !isReached(lower.forecast, 'touch', waited)
      const drags =
        mismatch !== null && mismatchVerdict(worstOf(mismatch), practice.limits.mismatch) !== 'sound'
      return {
        severity: weight === 'advises' ? 'note' : isWet && drags ? 'unsound' : 'watch',
        message: spoken.message,
        numbers: {
          above: figure(`${label}, ${upper.name}`, above * times, unit),
          below: figure(`${label}, ${lower.name}`, below * times, unit),
          limit: spoken.limit,
          waitedDays: figure('days between the two', waited, 'days'),
        },
      }
    },
  })

export const lessOilAbove = measured({
  id: 'less-oil-above',
  measure: 'oil',
  label: 'oil and alkyd in the dried film, by volume',
  unit: '%',
  times: 100,
  says: ({ below, above, pair: { lower, upper }, limits: { oilFall } }) =>
    below - above > oilFall.speaks + 1e-9
      ? {
          message: `By oil content alone ${upper.name} holds less than ${lower.name} under it: ${percent(above)} of the dried film against ${percent(below)}.`,
          limit: boundFigure('oilFall', oilFall.speaks),
        }
      : null,
})

export const stifferAbove = measured({
  id: 'stiffer-above',
  measure: 'stretch',
  label: 'stretch of the cured film, raw linseed = 1',
  unit: '',
  says: ({ below, above, pair: { lower, upper }, limits: { stretchFall } }) =>
    below - above > stretchFall.speaks + 1e-9
      ? {
          message: `${upper.name} dries stiffer than ${lower.name} under it: it stretches ${about(above)} against ${about(below)}.`,
          limit: boundFigure('stretchFall', stretchFall.speaks),
        }
      : null,
})

export const fasterAbove = measured({
  id: 'faster-above',
  measure: 'drying',
  label: 'days to touch dry',
  unit: 'days',
  says: ({ below, above, isFirm, pair: { lower, upper }, limits: { touchFall, rateRatio } }) => {
    // The same told by drying speed has a rule of its own.
    const isSlowUnderFast = lower.rate > 0 && upper.rate / lower.rate >= rateRatio.watch
    return below / above > touchFall.speaks + 1e-9 && !isFirm && !isSlowUnderFast
      ? {
          message: `${upper.name} is touch dry in ${dayCount(above)}, ${lower.name} under it in ${dayCount(below)}, and that is likely not firm yet.`,
          limit: boundFigure('touchFall', touchFall.speaks),
        }
      : null
  },
})

export const thinnerAbove = measured({
  id: 'thinner-above',
  measure: 'thickness',
  label: 'thickest spot, dry',
  unit: 'µm',
  says: ({ above, isFirm, pair: { lower, upper, lowerUm }, limits: { thicknessFall, thicknessFrom } }) =>
    lowerUm > thicknessFrom.speaks + 1e-9 && above < lowerUm * (1 - thicknessFall.speaks) - 1e-9 && !isFirm
      ? {
          message: `${upper.name} is thinner than ${lower.name} under it (${about(above)} µm over ${about(lowerUm)}), which is likely not firm yet.`,
          limit: boundFigure('thicknessFrom', thicknessFrom.speaks),
        }
      : null,
})
