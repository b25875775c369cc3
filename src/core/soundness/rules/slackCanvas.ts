import { figure } from '../../figure.ts'
import type { Limit } from '../../practice/limits.ts'
import { levelOf } from '../../practice/limits.ts'
import { about } from '../../words.ts'
import type { RoomReading } from '../lay.ts'
import { limitedFigure, limitFigures } from '../limit.ts'
import { pictureRule } from '../rule.ts'

const weekDays = 7
/** Below this stretch, raw linseed = 1, a film on slack cloth is in danger. */
const stiffBelow = 0.7
/** From this swing on that is unsound, points. */
const stiffFrom = 25
const cloths: readonly string[] = ['linen_stretched', 'cotton_stretched', 'polyester_stretched']
const gluey: readonly string[] = ['glue_size', 'chalk_glue_gesso', 'gypsum_glue_gesso']
/** With glue in size or ground a canvas bears less. */
const withGlue: Limit = { watch: 20, unsound: 30 }

/** The widest swing of humidity within a week, points. */
function widestSwing(readings: readonly RoomReading[]): number {
  const inOrder = [...readings].sort((one, other) => one.day - other.day)
  let widest = 0
  inOrder.forEach(({ day, relativeHumidityPct }, first) => {
    let [least, most] = [relativeHumidityPct, relativeHumidityPct]
    for (let at = first + 1; at < inOrder.length && inOrder[at]!.day <= day + weekDays; at++) {
      least = Math.min(least, inOrder[at]!.relativeHumidityPct)
      most = Math.max(most, inOrder[at]!.relativeHumidityPct)
    }
    widest = Math.max(widest, most - least)
  })
  return widest
}

export const slackCanvas = pictureRule({
  id: 'slack-canvas',
  about: 'room',
  finds: ({ support, ground, readings, areas, practice: { limits } }) => {
    const first = areas[0]?.layers[0]
    if (!first || !cloths.includes(support.id) || readings.length === 0) return []
    const usual = ground && gluey.includes(ground.id) ? withGlue : limits.slackSwing
    const times = support.id === 'polyester_stretched' ? 2 : 1
    const limit = { watch: usual.watch * times, unsound: usual.unsound * times }
    const swing = widestSwing(readings)
    const level = levelOf('slackSwing', limit, swing)
    if (!level) return []
    const stiff = areas
      .flatMap(({ layers }) => layers)
      .find(({ film, isOilFilm }) => isOilFilm && (film.flexPlain ?? 1) < stiffBelow)
    return [
      {
        severity: stiff && swing >= stiffFrom * times ? ('unsound' as const) : level,
        layer: (stiff ?? first).event,
        area: areas[0]!.area.id,
        message: `Humidity swings by ${about(swing)} points within a week: ${support.name} slackens and tightens${stiff ? `, and ${stiff.name} is stiff` : ''}. Do not key it out now: let it settle two days.`,
        numbers: {
          swing: limitedFigure('slackSwing', swing),
          stretch: figure('stretch of the stiffest film, raw linseed = 1', stiff?.film.flexPlain ?? null),
          ...limitFigures('slackSwing', limit),
        },
      },
    ]
  },
})
