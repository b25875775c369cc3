import { figure } from '../../figure.ts'
import { levelOf } from '../../practice/limits.ts'
import { about, percent } from '../../words.ts'
import { boundFigure, limitFigures } from '../limit.ts'
import { isOilFilm } from '../oilFilm.ts'
import { layerRule } from '../rule.ts'

export const underbound = layerRule({
  id: 'underbound',
  title: 'Underbound',
  reason:
    'Powder needs binder. What the layer below drinks out of a thin wash is missing in it: below 0.9 of the need it dusts and lifts with a varnish remover; a top layer that has lost binder and is left below 1.05 sinks and goes dull (model; science.md §4).',
  mends: ['medium'],
  says: ({ layer: { name, film }, isTop }, { practice: { limits } }) => {
    const after = film.binderRatioAfterDrinking
    if (after === null || !isOilFilm(film)) return null
    const binderUm = film.dryThicknessUm * film.perDryVolume.binder
    const lost = binderUm > 0 ? film.drunkUm / binderUm : 0
    const severity = levelOf('binderRatio', limits.binderRatio, after)
    if (!severity || (severity === 'watch' && !(isTop && lost >= limits.binderLost.watch))) return null
    return {
      severity,
      message:
        severity === 'unsound'
          ? `${name} keeps only ${about(after)} of the binder its powder needs: it would dust, and lift with a varnish remover.`
          : `${name} is left with ${about(after)} of the binder its powder needs, as ${percent(lost)} of it is drunk by what lies below: it will sink and look dull.`,
      numbers: {
        after: figure('binder left over what the powder needs', after),
        before: figure('the same before the layer below drank', film.binderRatio),
        suction: figure('what lies below can still drink', film.suctionUm, 'ml/m²'),
        lost: figure('of its binder drunk', 100 * lost, '%'),
        lostFrom: boundFigure('binderLost', limits.binderLost.watch),
        ...limitFigures('binderRatio', limits.binderRatio),
      },
    }
  },
})
