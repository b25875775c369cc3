import { figure } from '../../figure.ts'
import { levelOf } from '../../practice/limits.ts'
import { percent } from '../../words.ts'
import { boundFigure, limitFigures } from '../limit.ts'
import { layerRule } from '../rule.ts'

/**
 * From this share of solvent in the wet mix on, or up to this dry thickness, µm, the only layer of a picture is a wash to
 * be painted over, no surface.
 */
const wash = { solventFrom: 0.15, upToUm: 20 } as const

export const underbound = layerRule({
  id: 'underbound',
  mends: ['medium', 'less-thinner'],
  says: ({ layer: { name, film, isOilFilm, event }, isTop }, { areas, practice: { limits } }) => {
    const isAlone = areas.every(({ layers }) => layers.every((other) => other.event === event))
    const after = film.binderRatioAfterDrinking
    if (after === null || !isOilFilm) return null
    const binderUm = film.dryThicknessUm * film.perDryVolume.binder
    const lost = binderUm > 0 ? film.drunkUm / binderUm : 0
    const severity = levelOf('binderRatio', limits.binderRatio, after)
    if (!severity || (severity === 'watch' && !(isTop && lost >= limits.binderLost.watch))) return null
    const isWash = film.mix.volatile >= wash.solventFrom || film.dryThicknessUm <= wash.upToUm
    return {
      severity: severity === 'watch' && isAlone && isWash ? 'note' : severity,
      message:
        severity === 'unsound'
          ? `${name} keeps ${percent(after)} of the binder its powder needs: it would dust, and lift with a varnish remover.`
          : `${name} is left with about as much binder as its powder needs (${percent(after)}; ${percent(limits.binderRatio.watch)} keeps its look), as what lies below drinks ${percent(lost)} of it: it will sink and look dull.`,
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
