import { isReached } from '../../cure/forecast.ts'
import { figure } from '../../figure.ts'
import { leannessOf } from '../../film/film.ts'
import { isAlkydBound } from '../../practice/gate.ts'
import type { Limits } from '../../practice/limits.ts'
import { milder } from '../../severity.ts'
import type { Severity } from '../../severity.ts'
import { dayCount, percent } from '../../words.ts'
import type { LaidLayer } from '../lay.ts'
import { boundFigure } from '../limit.ts'
import { pairRule } from '../rule.ts'

export const fatOverLean = pairRule({
  id: 'fat-over-lean',
  mends: ['medium', 'another-medium', 'thicker', 'wait', 'order', 'leave-out'],
  says: ({ lower, upper, waited, lowerUm }, { practice }) => {
    const weight = practice.fat.leanness
    if (weight === 'off' || !lower.isOilFilm || !upper.isOilFilm) return null
    const { leannessStep, oilStep, thinLower } = practice.limits
    const below = leannessOf(lower.film.perDryVolume, practice.alkydWeight)
    const above = leannessOf(upper.film.perDryVolume, practice.alkydWeight)
    if (below === null || above === null) return null
    const oilDrop = lower.film.oilContent - upper.film.oilContent
    if (!(above - below > leannessStep.step && oilDrop > oilStep.step)) return null
    const how = moving(lower, waited)
    const severity = besideThickness(how.severity, lowerUm, upper, thinLower)
    if (!severity) return null
    return {
      severity: weight === 'advises' ? 'note' : severity,
      message: `${upper.name} is leaner than ${lower.name} under it: ${percent(upper.film.oilContent)} oil in the dried film against ${percent(lower.film.oilContent)}. After ${dayCount(waited)} ${lower.name} ${how.says}.`,
      numbers: {
        leannessAbove: figure(`leanness of ${upper.name}`, above),
        leannessBelow: figure(`leanness of ${lower.name}`, below),
        oilAbove: figure(
          `oil and alkyd in the dried film of ${upper.name}, by volume`,
          100 * upper.film.oilContent,
          '%',
        ),
        oilBelow: figure(
          `oil and alkyd in the dried film of ${lower.name}, by volume`,
          100 * lower.film.oilContent,
          '%',
        ),
        leannessStep: boundFigure('leannessStep', leannessStep.step),
        oilStep: boundFigure('oilStep', oilStep.step),
        firmDays: figure(`days until ${lower.name} is firm (likely)`, lower.forecast.days.firm, 'days'),
        waitedDays: figure('days between the two', waited, 'days'),
      },
    }
  },
})

/** How far a lower layer has come when the upper goes on. An alkyd film that is touch dry holds like a firm one. */
function moving(lower: LaidLayer, waited: number): { readonly severity: Severity; readonly says: string } {
  if (isReached(lower.forecast, 'cured', waited))
    return { severity: 'note', says: 'has likely cured, so it bears that: worth knowing, no more' }
  if (isReached(lower.forecast, 'firm', waited))
    return { severity: 'watch', says: 'is likely firm but goes on moving' }
  if (isAlkydBound(lower.film) && isReached(lower.forecast, 'touch', waited))
    return { severity: 'watch', says: 'is likely touch dry, which in an alkyd film stands for firm' }
  return { severity: 'unsound', says: 'is likely not firm yet' }
}

/** A lower layer thin beside the upper moves it less: one step less, or silent. */
export function besideThickness(
  severity: Severity,
  lowerUm: number,
  upper: LaidLayer,
  { milder: milderBelow, silent }: Limits['thinLower'],
): Severity | null {
  const beside = lowerUm / upper.film.dryThicknessUm
  return beside <= silent ? null : beside <= milderBelow ? milder[severity] : severity
}
