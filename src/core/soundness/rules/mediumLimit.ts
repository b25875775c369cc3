import { levelOf } from '../../practice/limits.ts'
import { percent } from '../../words.ts'
import { limitedFigure, limitFigures } from '../limit.ts'
import { isGlaze } from '../isGlaze.ts'
import type { LaidLayer } from '../lay.ts'
import { layerRule } from '../rule.ts'

/** Which limit holds for a layer's medium: glazes have their own, and some schools another for what is not the first. */
const limitFor = (layer: LaidLayer) =>
  isGlaze(layer) ? 'mediumInGlaze' : layer.index === 0 ? 'medium' : 'mediumLater'

/** Up to here much medium is a school's own matter; beyond, it shows in any paint. */
const showsFrom = 0.25

const because = (key: ReturnType<typeof limitFor>, share: number): string =>
  key === 'mediumInGlaze'
    ? 'even a glaze needs more body than that'
    : share > showsFrom
      ? 'as paint it would wrinkle and yellow'
      : 'more than this school takes there'

export const mediumLimit = layerRule({
  id: 'medium-limit',
  mends: ['less-medium', 'leave-out'],
  says: ({ layer }, { practice: { limits, waxPasteCounts } }) => {
    const { name, film, isOilFilm } = layer
    const { mediumLessSolvent, pasteLessSolvent } = film.mix
    if (mediumLessSolvent === null || !isOilFilm) return null
    const share = waxPasteCounts ? mediumLessSolvent : mediumLessSolvent - pasteLessSolvent
    const key = limitFor(layer)
    const severity = levelOf(key, limits[key], share)
    if (!severity) return null
    return {
      severity,
      message: `${name} is ${percent(share)} medium by volume, its solvent left out: ${because(key, share)}.`,
      numbers: { share: limitedFigure(key, share), ...limitFigures(key, limits[key]) },
    }
  },
})
