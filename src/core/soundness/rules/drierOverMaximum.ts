import { drierLoadOf } from '../../medium/driers.ts'
import { figure } from '../../figure.ts'
import { levelOf } from '../../practice/limits.ts'
import { about, listed } from '../../words.ts'
import { boundFigure, limitedFigure, limitFigures } from '../limit.ts'
import { layerRule, together } from '../rule.ts'

/** A drier that hurries the start by more than this makes a skin on thick paint. */
const skins = 1.5

const text = {
  id: 'drier-over-maximum',
  mends: [
    'less-medium' as const,
    'without-medium' as const,
    'another-medium' as const,
    'thinner-coat' as const,
  ],
}

const tooMuch = layerRule({
  ...text,
  says: ({ layer: { name, film, isOilFilm } }, { practice: { limits } }) => {
    if (!isOilFilm) return null
    const load = drierLoadOf(film)
    const severity = levelOf('drierLoad', limits.drierLoad, load)
    const doses = listed(film.driers.doses.map((dose) => dose.name))
    return (
      severity && {
        severity,
        message: `${name} holds ${about(load)} times the most drier advised${doses && ` (${doses})`}: it skins, wrinkles and turns brittle.`,
        numbers: { load: limitedFigure('drierLoad', load), ...limitFigures('drierLoad', limits.drierLoad) },
      }
    )
  },
})

const inThickPaint = layerRule({
  ...text,
  says: ({ layer: { name, film, isOilFilm, thickestUm } }, { practice: { limits } }) => {
    const from = limits.drierThick.watch
    if (!isOilFilm || film.driers.start <= skins || thickestUm <= from) return null
    return {
      severity: 'watch',
      message: `No drier makes thick paint firm: in ${name} it makes a skin over what stays wet.`,
      numbers: {
        start: figure('times as fast as it begins to dry, by its drier', film.driers.start),
        thickest: figure('thickest spot, dry', thickestUm, 'µm'),
        from: boundFigure('drierThick', from),
      },
    }
  },
})

export const drierOverMaximum = together(tooMuch, inThickPaint)
