import { opaqueInGlaze } from '../../film/kindOfFilm.ts'
import { figure } from '../../figure.ts'
import { levelOf } from '../../practice/limits.ts'
import { about, percent } from '../../words.ts'
import { limitedFigure, limitFigures } from '../limit.ts'
import { layerRule } from '../rule.ts'

/** From this binder ratio on a thinned film is richer than tube paint, and a glaze. */
const richFrom = 1.5

export const thinnerGlaze = layerRule({
  id: 'thinner-glaze',
  byPractice: true,
  mends: ['medium-for-thinner', 'less-thinner', 'leave-out'],
  says: ({ layer }, { practice: { limits } }) => {
    const { name, film, purpose, index, isOilFilm } = layer
    const { binderRatio, powder, mix, dryThicknessUm } = film
    if (index === 0 || !isOilFilm || binderRatio === null || binderRatio >= richFrom) return null
    if (purpose !== 'glaze' && powder.opaque > opaqueInGlaze) return null
    const severity = levelOf('thinnedGlaze', limits.thinnedGlaze, mix.volatile)
    return (
      severity && {
        severity,
        message: `${name} is thinned, not glazed: when the ${percent(mix.volatile)} that flies off is gone, ${about(dryThicknessUm)} µm no richer than tube paint are left, and the next brush can lift them.`,
        numbers: {
          share: limitedFigure('thinnedGlaze', mix.volatile),
          binder: figure(`binder over what the powder needs (a glaze from ${richFrom})`, binderRatio),
          dry: figure('what is left of it, dry', dryThicknessUm, 'µm'),
          ...limitFigures('thinnedGlaze', limits.thinnedGlaze),
        },
      }
    )
  },
})
