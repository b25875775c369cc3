import { figure } from '../figure.ts'
import type { Reason } from '../reason.ts'
import { fatnessOf } from './film.ts'
import type { Film } from './film.ts'

/** Numbers of a film that can be asked why. */
export type FilmNumber =
  'dryThicknessUm' | 'fatness' | 'oilContent' | 'binderRatio' | 'rate' | 'surface' | 'flex'

/** What of the alkyd counts as fat. */
const alkydWords = (weight = 0.5): string =>
  weight === 1
    ? 'all the alkyd'
    : weight === 0
      ? 'none of the alkyd'
      : `${Math.round(100 * weight)}\u00a0% of the alkyd`

const finite = (value: number | null): number | null => (value === Infinity ? null : value)

const estimate = 'Estimate: typical material values and a model'

/** What a number of a film rests on: the formula in words and what went into it. */
export function whyOf(number: FilmNumber, film: Film, alkydWeight?: number): Reason {
  const { mix, perDryVolume: parts, driers } = film
  const demand = figure('oil the powder needs, per ml of dried film', parts.demand, 'ml')
  switch (number) {
    case 'dryThicknessUm':
      return {
        title: 'Dry thickness',
        formula: 'Wet thickness × (1 − volatile and water in the wet mix, by volume).',
        figures: [
          figure('wet thickness', film.wetThicknessUm, 'µm'),
          figure('volatile and water in the wet mix, by volume', 100 * mix.volatile, '%'),
          figure('dry thickness', film.dryThicknessUm, 'µm'),
        ],
        source: 'Exact but for what is known of the solvent.',
        section: 'film',
      }
    case 'fatness':
      return {
        title: 'How fat',
        formula: `How much fat there is for what the powder just needs: oil, and ${alkydWords(alkydWeight)}, over that need. Just bound is 1, a tube as it comes about 1.25, a glaze 2.5 to 5.`,
        figures: [
          figure('oil, per ml of dried film', parts.oil, 'ml'),
          figure('alkyd, per ml of dried film', parts.alkyd, 'ml'),
          demand,
          figure('fat over what the powder needs', finite(fatnessOf(parts, alkydWeight)), '×'),
        ],
        source: `${estimate} (oil absorption varies by 20–40 % between methods).`,
        section: 'paint',
      }
    case 'oilContent':
      return {
        title: 'Oil content',
        formula: '(Oil + alkyd) ÷ dried film, by volume.',
        figures: [
          figure('oil, of the dried film by volume', 100 * parts.oil, '%'),
          figure('alkyd, of the dried film by volume', 100 * parts.alkyd, '%'),
          figure('powder, of the dried film by volume (PVC)', 100 * film.pvc, '%'),
          figure(
            'powder at which the gaps are just filled (CPVC)',
            film.cpvc === null ? null : 100 * film.cpvc,
            '%',
          ),
        ],
        source: 'Exact for what the materials are said to be.',
        section: 'paint',
      }
    case 'binderRatio':
      return {
        title: 'Binder ratio',
        formula:
          'Binder ÷ demand, before and after what lies below has drunk. Below 1.05 a top layer sinks; below 0.9 it dusts.',
        figures: [
          figure('binder, of the dried film by volume', 100 * parts.binder, '%'),
          demand,
          figure('before drinking', film.binderRatio),
          figure('what lies below can drink', film.suctionUm, 'ml/m²'),
          figure('after drinking', film.binderRatioAfterDrinking),
        ],
        source: `${estimate} of the drinking.`,
        section: 'film',
      }
    case 'rate':
      return {
        title: 'Drying speed',
        formula:
          'Mean of the oils and alkyds, times what the pigments do to it; raw linseed is 1. Driers act on top of it.',
        figures: [
          figure('drying speed, raw linseed = 1', film.rate),
          figure('driers: start', driers.start, '×'),
          figure('driers: going through', driers.through, '×'),
          ...driers.doses.map(({ name, percent }) =>
            figure(`${name}, of oil and alkyd by mass`, percent, '%'),
          ),
        ],
        source: `${estimate}; rates are known to 25–40 %.`,
        section: 'cure',
      }
    case 'surface':
      return {
        title: 'Surface when dry',
        formula:
          'From the binder left after drinking, less what the pigments tend to sink: 1.35 and over glossy, 1.05 and over satin, below matt; under 0.9 underbound. Wax and egg dull it.',
        figures: [
          figure('binder ratio after drinking', film.binderRatioAfterDrinking),
          figure('wax, of the organic binder by mass', 100 * film.binder.wax, '%'),
        ],
        source: `${estimate}.`,
        section: 'film',
      }
    case 'flex':
      return {
        title: 'Stretch of the cured film',
        formula:
          'Relative to raw linseed: bodied oils stretch more, poppy and safflower less; resin over 5 % of the film and zinc white stiffen it.',
        figures: [
          figure('without regard to the powder load', film.flexPlain),
          figure('with it', film.flex),
          figure('resin, of the dried film by volume', 100 * film.dry.byVolume.resin, '%'),
          figure('zinc white, of the powder by volume', 100 * film.powder.zinc, '%'),
        ],
        source: `${estimate}.`,
        section: 'film',
      }
  }
}
