import { looksLikeGlaze, opaqueInGlaze as scumbleFrom } from '../../film/kindOfFilm.ts'
import { figure } from '../../figure.ts'
import { levelOf } from '../../practice/limits.ts'
import { percent } from '../../words.ts'
import { limitedFigure, limitFigures } from '../limit.ts'
import { layerRule } from '../rule.ts'

/** Without a purpose, only what is nearly all transparent is meant for a glaze. */
const meantAsGlaze = 0.1

export const opaqueInGlaze = layerRule({
  id: 'opaque-in-glaze',
  about: 'look',
  mends: ['without-opaque', 'leave-out'],
  says: ({ layer: { name, film, purpose } }, { practice: { limits } }) => {
    const { opaque } = film.powder
    const isMeant = purpose === null && looksLikeGlaze(film) && opaque <= meantAsGlaze
    if (purpose !== 'glaze' && !isMeant) return null
    const share = film.mix.opaqueByMass
    const numbers = {
      share: limitedFigure('opaqueInGlaze', share),
      ofPowder: figure('opaque pigment, of the powder by volume', 100 * opaque, '%'),
      ...limitFigures('opaqueInGlaze', limits.opaqueInGlaze),
    }
    if (opaque > scumbleFrom)
      return {
        severity: 'note',
        message: `${percent(opaque)} of the powder in ${name} is opaque: this is a scumble, no glaze.`,
        numbers,
      }
    const severity = levelOf('opaqueInGlaze', limits.opaqueInGlaze, share)
    return (
      severity && {
        severity,
        message: `${percent(share)} of ${name} is opaque paint by how it hides: it clouds the glaze. A clean brush, and the white left out.`,
        numbers,
      }
    )
  },
})
