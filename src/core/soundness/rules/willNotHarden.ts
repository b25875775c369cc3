import { neverDries } from '../../medium/fat.ts'
import { figure } from '../../figure.ts'
import { levelOf } from '../../practice/limits.ts'
import { listed, percent } from '../../words.ts'
import { limitedFigure, limitFigures } from '../limit.ts'
import { layerRule } from '../rule.ts'

export const willNotHarden = layerRule({
  id: 'will-not-harden',
  mends: ['oil', 'without-medium', 'another-medium'],
  says: ({ layer: { name, film, isOilFilm, materials } }, { practice: { limits } }) => {
    if (!isOilFilm || film.q === 0) return null
    const share = film.fat.nonDrying
    const severity = film.hardens ? levelOf('nonDrying', limits.nonDrying, share) : 'unsound'
    if (!severity) return null
    const names = listed([...new Set(materials.filter(neverDries).map((material) => material.name))])
    return {
      severity,
      message: names
        ? `${percent(share)} of the oil in ${name} never dries (${names}): it stays sticky, and so does what lies over it.`
        : `${name} would never harden: its oil dries too slowly.`,
      numbers: {
        share: limitedFigure('nonDrying', share),
        rate: figure('drying speed, raw linseed = 1', film.rate),
        ...limitFigures('nonDrying', limits.nonDrying),
      },
    }
  },
})
