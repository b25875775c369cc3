import { isWaxy } from '../../film/kindOfFilm.ts'
import { figure } from '../../figure.ts'
import { levelOf } from '../../practice/limits.ts'
import { gravity } from '../../severity.ts'
import { isVarnish } from '../../stack/kinds.ts'
import { about } from '../../words.ts'
import type { LaidLayer, RoomReading } from '../lay.ts'
import { limitedFigure, limitFigures } from '../limit.ts'
import { dewPointC, roomBetween } from '../room.ts'
import { layerRule } from '../rule.ts'

/** So long a fresh surface takes on breath, days. */
const freshDays = 3
/** From this share of protein or gum in the binder a surface blooms as egg does. */
const wateryFrom = 0.03

const blooms = ({ purpose, film }: LaidLayer): boolean =>
  isVarnish(purpose) || isWaxy(film) || film.binder.protein + film.binder.gum >= wateryFrom

const dewGap = (reading: RoomReading): number => reading.temperatureC - dewPointC(reading)

export const bloom = layerRule({
  id: 'bloom',
  about: 'room',
  mends: ['wait'],
  says: ({ layer, isTop }, { practice: { limits }, ...room }) => {
    if (!isTop || !blooms(layer) || (layer.isPainted && room.readings.length === 0)) return null
    const days = roomBetween(room, layer.appliedDay, layer.appliedDay + freshDays)
    const level = (reading: RoomReading) =>
      [
        levelOf('bloomHumidity', limits.bloomHumidity, reading.relativeHumidityPct),
        levelOf('bloomDewGap', limits.bloomDewGap, dewGap(reading)),
      ].reduce((worst, one) => (gravity[one ?? 'note'] > gravity[worst ?? 'note'] ? one : worst), null)
    const worst = days.reduce<{ reading: RoomReading; level: 'watch' | 'unsound' } | null>(
      (last, reading) => {
        const at = level(reading)
        return at && (!last || gravity[at] > gravity[last.level]) ? { reading, level: at } : last
      },
      null,
    )
    if (!worst) return null
    const { relativeHumidityPct } = worst.reading
    return {
      severity: worst.level,
      message: `A breath-like bloom is likely on ${layer.name}, at ${about(relativeHumidityPct)} % humidity and ${about(Math.max(0, dewGap(worst.reading)))} °C over the dew point: dry the room below 65 % first.`,
      numbers: {
        humidity: limitedFigure('bloomHumidity', relativeHumidityPct),
        gap: limitedFigure('bloomDewGap', dewGap(worst.reading)),
        dewPoint: figure('dew point', dewPointC(worst.reading), '°C'),
        ...limitFigures('bloomHumidity', limits.bloomHumidity),
      },
    }
  },
})
