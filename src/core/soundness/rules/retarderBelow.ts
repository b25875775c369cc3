import { isReached } from '../../cure/forecast.ts'
import { figure } from '../../figure.ts'
import { levelOf } from '../../practice/limits.ts'
import type { Limit } from '../../practice/limits.ts'
import { percent } from '../../words.ts'
import { boundFigure, limitedFigure, limitFigures } from '../limit.ts'
import { layerRule, together } from '../rule.ts'

/** In a film thicker than this, dry µm, half as much clove speaks. */
const thickOverUm = 100
const halved = ({ watch, unsound }: Limit): Limit => ({ watch: watch / 2, unsound: unsound / 2 })

const text = {
  id: 'retarder-below',
  mends: ['wait', 'without-medium', 'another-medium', 'less-medium'] as const,
}

const clove = layerRule({
  ...text,
  says: ({ layer, over, isTop }, { practice: { limits } }) => {
    const { name, film, isOilFilm, thickestUm, forecast, appliedDay } = layer
    const share = film.mix.clove
    if (!isOilFilm || share === 0) return null
    const key = isTop ? 'cloveOnTop' : 'cloveBelow'
    const limit = thickestUm > thickOverUm ? halved(limits[key]) : limits[key]
    const level = levelOf(key, limit, share)
    if (!level) return null
    const next = over[0]
    const isFirm = next !== undefined && isReached(forecast, 'firm', next.appliedDay - appliedDay)
    return {
      severity: next && isFirm ? 'watch' : level,
      message: next
        ? `${percent(share)} clove oil by volume under ${next.name} keeps ${name} soft for months: none in what is painted over, or wait until it is firm.`
        : `${name} holds ${percent(share)} clove oil by volume: it stays soft for long, and takes dust.`,
      numbers: {
        share: limitedFigure(key, share),
        firm: figure(`days until ${name} is firm (likely)`, forecast.days.firm, 'days'),
        ...limitFigures(key, limit),
      },
    }
  },
})

const slowSolvent = layerRule({
  ...text,
  says: ({ layer: { name, film, isOilFilm } }, { practice: { limits } }) => {
    const share = film.mix.slowSolvent
    const from = limits.slowSolvent.watch
    if (!isOilFilm || share <= from + 1e-9) return null
    return {
      severity: 'watch',
      message: `${name} is ${percent(share)} spike or lavender oil by volume, which leaves slowly: it stays open, and softens what is under it.`,
      numbers: { share: limitedFigure('slowSolvent', share), from: boundFigure('slowSolvent', from) },
    }
  },
})

export const retarderBelow = together(clove, slowSolvent)
