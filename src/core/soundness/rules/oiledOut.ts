import { windowDays } from '../../cure/workable.ts'
import { isReached } from '../../cure/forecast.ts'
import { isClear } from '../../film/kindOfFilm.ts'
import { figure } from '../../figure.ts'
import { about } from '../../words.ts'
import { boundFigure } from '../limit.ts'
import type { LaidLayer } from '../lay.ts'
import { layerRule } from '../rule.ts'

/** Oiled out, as far as it is told; a clear film up to this thick without a purpose is taken for one, µm. */
const takenForOilOutUm = 30

/** Limits are compared with this much slack. */
const slack = 1e-9

const isOilOut = ({ purpose, film, thickestUm }: LaidLayer): boolean =>
  isClear(film) && (purpose === 'oil-out' || (purpose === null && thickestUm <= takenForOilOutUm))

export const oiledOut = layerRule({
  id: 'oiled-out-not-reworked',
  mends: ['leave-out'],
  says: ({ layer, over }, { practice: { limits } }) => {
    if (!isOilOut(layer)) return null
    const { name, appliedDay, forecast, leftOn } = layer
    const leftUm = layer.film.dryThicknessUm * leftOn(Infinity)
    const next = over[0]
    const { silent, joins, unsound } = limits.oilOutLeft
    const isUpTo = (um: number): boolean => leftUm <= um + slack
    const waited = next ? next.appliedDay - appliedDay : Infinity
    if (next && (isUpTo(silent) || (isUpTo(joins) && waited <= windowDays(forecast.days.touch)))) return null
    const isCured = next !== undefined && isReached(forecast, 'cured', waited)
    const isThick = !isUpTo(unsound) && next !== undefined && !isCured
    const severity = isThick ? 'unsound' : isUpTo(silent) ? 'note' : 'watch'
    const tells = !isUpTo(joins)
      ? ' It is a layer of its own: it yellows, and restarts the varnish date.'
      : ''
    return {
      severity,
      message: `${name} leaves ${about(leftUm)} µm of oil that ${next ? 'was not painted into in time' : 'nothing is painted into'}.${tells} Wipe it to ${silent} µm, or paint into it.`,
      numbers: {
        left: figure('oil left, 1 µm is 1 ml on a square metre', leftUm, 'µm'),
        window: figure('hours it can be painted into', 24 * windowDays(forecast.days.touch), 'hours'),
        silent: boundFigure('oilOutLeft', silent),
        joins: boundFigure('oilOutLeft', joins),
        unsound: boundFigure('oilOutLeft', unsound),
      },
    }
  },
})
