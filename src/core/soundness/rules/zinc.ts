import { figure } from '../../figure.ts'
import { levelOf } from '../../practice/limits.ts'
import { milder } from '../../severity.ts'
import { listed, percent } from '../../words.ts'
import { limitedFigure, limitFigures } from '../limit.ts'
import { isOily } from '../../film/kindOfFilm.ts'
import { groundRule, layerRule, together } from '../rule.ts'

const text = {
  id: 'zinc',
  mends: ['without-zinc' as const, 'leave-out' as const],
}

const noWaiting = 'Waiting does not help'

const zincLayer = layerRule({
  ...text,
  says: ({ layer: { name, film, isOilFilm }, over }, { support, practice: { limits } }) => {
    const above = over.filter((upper) => isOily(upper.film))
    if (!isOilFilm || above.length === 0) return null
    const share = film.powder.zinc
    const onCloth = levelOf('zinc', limits.zinc, share)
    const severity = onCloth && !support.flexible ? milder[onCloth] : onCloth
    return (
      severity && {
        severity,
        message: `${percent(share)} of the powder in ${name} is zinc white, under ${listed(above.map((upper) => upper.name))}: it turns brittle and lets go. ${noWaiting}; take titanium without zinc.`,
        numbers: { share: limitedFigure('zinc', share), ...limitFigures('zinc', limits.zinc) },
      }
    )
  },
})

const zincGround = groundRule({
  ...text,
  says: ({ film }, { id, name }, { support }) =>
    id === 'oil_ground_zinc' && isOily(film)
      ? {
          severity: support.flexible ? 'unsound' : 'watch',
          message: `An ${name} turns brittle under oil, and lets go. ${noWaiting}; take a ground without zinc.`,
          numbers: { movement: figure(`movement of ${support.name}`, 100 * support.strain, '%') },
        }
      : null,
})

export const zinc = together(zincLayer, zincGround)
