import { figure } from '../../figure.ts'
import type { Limit } from '../../practice/limits.ts'
import type { Severity } from '../../severity.ts'
import type { LaidGround, LaidLayer, LaidPicture, RoomReading } from '../lay.ts'
import { limitFigures } from '../limit.ts'
import { areaRule } from '../rule.ts'

const warmFromC = 15
/** Of the last fourteen days twelve, or of the last thirty twenty-five. */
const short = { days: 14, damp: 12 } as const
const long = { days: 30, damp: 25 } as const

/** What egg, glue, casein and gum feed. */
const feedsFrom = 0.02
const feeds = ({ film: { binder } }: LaidLayer): boolean => binder.protein + binder.gum >= feedsFrom
const feedingGrounds: readonly string[] = [
  'glue_size',
  'chalk_glue_gesso',
  'gypsum_glue_gesso',
  'emulsion_ground',
]
const isFeeding = (ground: LaidGround | null): boolean =>
  ground !== null && feedingGrounds.includes(ground.id)

const dampDays = (readings: readonly RoomReading[], from: number): number =>
  readings.filter((one) => one.temperatureC >= warmFromC && one.relativeHumidityPct >= from - 1e-9).length

/** How damp and warm the last weeks were; without readings, how the room is set, told as a watch unless it is very damp. */
function dampness({ readings, climate }: LaidPicture, { watch, unsound }: Limit): Severity | null {
  if (readings.length === 0) {
    if (climate.temperatureC < warmFromC) return null
    const humidity = climate.relativeHumidityPct
    return humidity >= unsound - 1e-9 ? 'unsound' : humidity >= watch - 1e-9 ? 'watch' : null
  }
  const last = Math.max(...readings.map(({ day }) => day))
  const within = (days: number): readonly RoomReading[] => readings.filter(({ day }) => day > last - days)
  if (dampDays(within(short.days), unsound) >= short.damp) return 'unsound'
  if (dampDays(within(long.days), watch) >= long.damp) return 'unsound'
  return dampDays(within(short.days), watch) >= short.damp ? 'watch' : null
}

export const mould = areaRule({
  id: 'mould',
  about: 'room',
  finds: ({ area: { layers }, ...picture }) => {
    const { ground, climate, readings, practice } = picture
    const limit = practice.limits.mouldHumidity
    const severity = dampness(picture, limit)
    const fed = layers.find((layer) => layer.goneDay === null && feeds(layer)) ?? null
    const first = fed ?? (isFeeding(ground) ? layers[0] : undefined)
    if (!severity || !first) return []
    return [
      {
        severity,
        layer: first.event,
        message: `${fed ? fed.name : `The ${ground!.name}`} feeds mould in a room so damp and warm. Air it, below 65 %, off the outer wall.`,
        numbers: {
          damp: figure(
            'damp warm days of those on record',
            readings.length > 0 ? dampDays(readings, limit.watch) : null,
          ),
          humidity: figure('humidity the room is set to', climate.relativeHumidityPct, '% RH'),
          ...limitFigures('mouldHumidity', limit),
        },
      },
    ]
  },
})
