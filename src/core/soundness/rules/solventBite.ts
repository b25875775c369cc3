import { isReached, likelyCured } from '../../cure/forecast.ts'
import { figure } from '../../figure.ts'
import { biteOf } from '../../medium/solvents.ts'
import { levelOf } from '../../practice/limits.ts'
import type { Limit } from '../../practice/limits.ts'
import { milder } from '../../severity.ts'
import { about, percent, shortName } from '../../words.ts'
import { limitedFigure, limitFigures } from '../limit.ts'
import { biteOn } from '../solventBite.ts'
import { areaRule, pairRule, together } from '../rule.ts'

const text = {
  id: 'solvent-bite',
  mends: ['less-thinner' as const, 'without-medium' as const, 'wait' as const],
}

/** With less resin and wax than this of its binder, a film that is touch dry is held by its oil: a step less. */
const fewSolubles = 0.02

const solubles = (resin: number, wax: number) =>
  figure('resin and wax in the organic binder, by mass', 100 * (resin + wax), '%')

/** The share of solvent that would only just be silent. */
const borneShare = (bite: number, share: number, { watch }: Limit): number => (share * watch) / bite

const nextLayer = pairRule({
  ...text,
  says: ({ lower, upper, waited }, { practice: { limits }, area }) => {
    if (!lower.isOilFilm) return null
    const isTop = area.pairs[upper.index]!.at(-1)?.lower === lower
    const { volatile, water, solventPower } = upper.film.mix
    const share = volatile - water
    if (!isTop || share <= 0) return null
    const cured = likelyCured(lower.forecast, waited)
    const bite = biteOn(lower.film, cured, { share, power: solventPower })
    const level = levelOf('solventBite', limits.solventBite, bite)
    if (!level) return null
    const { resin, wax } = lower.film.binder
    const isBound = resin + wax < fewSolubles && isReached(lower.forecast, 'touch', waited)
    const severity = isBound ? milder[level] : level
    if (!severity) return null
    return {
      severity,
      message: `${upper.name} softens ${lower.name} and lifts colour: ${percent(share)} of its volume is solvent. Use less than ${percent(borneShare(bite, share, limits.solventBite))}, or wait.`,
      numbers: {
        bite: limitedFigure('solventBite', bite),
        share: figure(`solvent in ${upper.name}, by volume`, 100 * share, '%'),
        power: figure('how hard it bites, white spirit = 1', solventPower),
        solubles: solubles(resin, wax),
        cured: figure(`${lower.name} cured by then`, Number(about(100 * cured)), '%'),
        ...limitFigures('solventBite', limits.solventBite),
      },
    }
  },
})

/** What solvent that took a film off does to what it bares. */
const onWhatIsBared = areaRule({
  ...text,
  finds: ({ area: { removals }, practice: { limits } }) =>
    removals.flatMap(({ event, name, day, solvent, bares }) => {
      if (!solvent || !bares?.isOilFilm) return []
      const cured = likelyCured(bares.forecast, day - bares.appliedDay)
      const bite = biteOn(bares.film, cured, { share: 1, power: biteOf(solvent) })
      const severity = levelOf('solventBite', limits.solventBite, bite)
      if (!severity) return []
      const { resin, wax } = bares.film.binder
      return [
        {
          severity,
          layer: event,
          under: bares.event,
          message: `${name} bares ${bares.name}, and the ${shortName(solvent.name).toLowerCase()} bites it: swab, do not soak, or wait until it is harder.`,
          numbers: {
            bite: limitedFigure('solventBite', bite),
            power: figure('how hard it bites, white spirit = 1', biteOf(solvent)),
            solubles: solubles(resin, wax),
            cured: figure(`${bares.name} cured by then`, Number(about(100 * cured)), '%'),
            ...limitFigures('solventBite', limits.solventBite),
          },
        },
      ]
    }),
})

export const solventBite = together(nextLayer, onWhatIsBared)
