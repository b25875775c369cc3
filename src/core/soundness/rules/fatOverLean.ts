import { isReached } from '../../cure/forecast.ts'
import { leannessOf } from '../../film/film.ts'
import { figure } from '../../figure.ts'
import type { Finding, Rule, Severity } from '../finding.ts'
import { defaultPractice } from '../practice.ts'
import { dayCount, percent } from '../../words.ts'

const milder: Record<Severity, Severity | null> = { unsound: 'watch', watch: 'note', note: null }

/** Of all the layers under one, the worst case speaks; those under it would only repeat it. */
export const fatOverLean: Rule = {
  id: 'fat-over-lean',
  title: 'Fat over lean',
  reason:
    'A lean film over a fat one stiffens first and cannot follow the fatter paint as it goes on moving. Fat is weighed as leanness (what the powder needs over the fat there is) together with oil content. Traditional rule, as science.md §6 states it.',
  byPractice: false,
  find: ({ layers, practice = defaultPractice, oneFilm }) =>
    layers.flatMap((upper) => {
      const found = layers.slice(0, upper.index).flatMap((lower): Finding[] => {
        const below = leannessOf(lower.film.perDryVolume, practice.alkydWeight)
        const above = leannessOf(upper.film.perDryVolume, practice.alkydWeight)
        if (below === null || above === null || oneFilm(lower.index, upper.index)) return []
        const oilDrop = lower.film.oilContent - upper.film.oilContent
        if (!(above - below > practice.fatStep.leanness && oilDrop > practice.fatStep.oilContent)) return []
        const waited = upper.appliedDay - lower.appliedDay
        const cured = isReached(lower.forecast, 'cured', waited)
        const firm = isReached(lower.forecast, 'firm', waited)
        let severity: Severity | null = cured ? 'note' : firm ? 'watch' : 'unsound'
        const thin = lower.film.dryThicknessUm / upper.film.dryThicknessUm
        if (thin <= 0.1) severity = null
        else if (thin <= 0.3) severity = milder[severity]
        if (!severity) return []
        const state = cured
          ? 'has cured, so this is only worth knowing'
          : firm
            ? 'is firm but goes on moving'
            : 'is not firm yet'
        return [
          {
            rule: 'fat-over-lean',
            severity,
            layer: upper.index,
            under: lower.index,
            message: `${upper.name} is leaner than ${lower.name} under it: ${percent(upper.film.oilContent)} oil in the dried film against ${percent(lower.film.oilContent)}, and ${lower.name} ${state} after ${dayCount(waited)}.`,
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
              leannessStep: figure('step in leanness the practice allows', practice.fatStep.leanness),
              oilStep: figure(
                'step in oil content the practice allows',
                100 * practice.fatStep.oilContent,
                'points',
              ),
              firmDays: figure(`days until ${lower.name} is firm (likely)`, lower.forecast.days.firm, 'days'),
              waitedDays: figure('days between the two', waited, 'days'),
            },
          },
        ]
      })
      return worst(found)
    }),
}

const weight: Record<Severity, number> = { note: 0, watch: 1, unsound: 2 }

/** The gravest of several findings, of equals the first from the top. */
export function worst(findings: readonly Finding[]): readonly Finding[] {
  const [first] = [...findings].reverse().sort((a, b) => weight[b.severity] - weight[a.severity])
  return first ? [first] : []
}
