import { clamp } from '../../clamp.ts'
import { isClear } from '../../film/kindOfFilm.ts'
import type { Film } from '../../film/film.ts'
import { figure } from '../../figure.ts'
import { about } from '../../words.ts'
import { isGlaze } from '../isGlaze.ts'
import { boundFigure, limitedFigure } from '../limit.ts'
import { layerRule } from '../rule.ts'

/** Only so thick does a film show what it is made of, µm. */
const seenUm = 100
/** In paint that holds its oil in powder this share of it still shows. */
const leastFree = 0.2
/** Where at least half of its powder is white, blue or violet, a film shows it. */
const paleFrom = 0.5
const dark = { light: 0.55, times: 1.5 } as const

/**
 * Y = grade × min(L, 100) × q × m, m = max(0.2, 1 − 1/r0), 1 without powder (rules.md, yellowing; an order of magnitude).
 */
export function yellowingOf(film: Pick<Film, 'fat' | 'q' | 'binderRatio'>, thickestUm: number): number {
  const { fat, q, binderRatio } = film
  const free = binderRatio === null ? 1 : clamp(1 - 1 / binderRatio, leastFree, 1)
  return fat.yellowing * Math.min(thickestUm, seenUm) * q * free
}

export const yellowing = layerRule({
  id: 'yellowing',
  about: 'look',
  mends: ['paler-oil', 'less-medium', 'another-medium'],
  says: ({ layer, over }, { climate, practice: { limits } }) => {
    const { name, film, isOilFilm, thickestUm } = layer
    const isSeen = over.every((upper) => isClear(upper.film) || isGlaze(upper))
    if (!isOilFilm || film.q === 0 || !isSeen) return null
    const shows = isClear(film) || film.powder.pale >= paleFrom
    const yellows = yellowingOf(film, thickestUm) * (climate.light <= dark.light ? dark.times : 1)
    const { note, watch } = shows ? limits.yellowing : { ...limits.yellowingElsewhere, watch: Infinity }
    if (yellows < note - 1e-9) return null
    const key = shows ? 'yellowing' : 'yellowingElsewhere'
    return {
      severity: yellows >= watch - 1e-9 ? 'watch' : 'note',
      message: `${name} yellows in time, and more in the dark; some of it goes again in a few weeks of daylight. A paler oil, or less medium.`,
      numbers: {
        yellows: limitedFigure(key, yellows),
        grade: figure('how its oils yellow, 1 little to 5 much', Number(about(film.fat.yellowing))),
        note: boundFigure(key, note),
      },
    }
  },
})
