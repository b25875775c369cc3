import { clamp } from '../../clamp.ts'
import type { Film } from '../../film/film.ts'
import { figure } from '../../figure.ts'
import { levelOf } from '../../practice/limits.ts'
import { about } from '../../words.ts'
import { limitedFigure, limitFigures } from '../limit.ts'
import { layerRule } from '../rule.ts'

/** Paint with up to this much binder over its need, as from the tube, holds its oil in place. */
const heldRatio = 1.15

/**
 * Free oil that closes from the top, as µm of clear oil: W = L q max(0, 1 - 1.15/r0) h start/through, the middle 1 without
 * powder; tung wrinkles more, heat-bodied oil less (rules.md, wrinkling; model).
 */
export function wrinklingUm(film: Film, thickestUm: number): number {
  const { binderRatio, fat, driers, q } = film
  const free = binderRatio === null ? 1 : clamp(1 - heldRatio / binderRatio, 0, 1)
  const oils = 1 + fat.tung - 0.4 * fat.heatBodied
  return (thickestUm * q * free * oils * driers.start) / driers.through
}

export const wrinkling = layerRule({
  id: 'wrinkling',
  mends: ['thinner-coat', 'split', 'less-medium', 'without-medium'],
  says: ({ layer: { name, film, isOilFilm, thickestUm } }, { practice: { limits } }) => {
    if (!isOilFilm) return null
    const um = wrinklingUm(film, thickestUm)
    const severity = levelOf('wrinkling', limits.wrinkling, um)
    return (
      severity && {
        severity,
        message: `A skin closes over ${name} while it is wet below, and folds: it is ${about(thickestUm)} µm thick with much free oil${film.driers.start > film.driers.through ? ' and a drier that works from the top' : ''}. Paint it in thinner coats.`,
        numbers: {
          free: limitedFigure('wrinkling', um),
          thickest: figure('thickest spot, dry', thickestUm, 'µm'),
          binder: figure('binder over what the powder needs', film.binderRatio),
          ...limitFigures('wrinkling', limits.wrinkling),
        },
      }
    )
  },
})
