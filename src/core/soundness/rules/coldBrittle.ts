import { turnsGlassy } from '../../film/kindOfFilm.ts'
import { figure } from '../../figure.ts'
import { levelOf } from '../../practice/limits.ts'
import { gravity } from '../../severity.ts'
import { about } from '../../words.ts'
import type { LaidLayer, LaidPicture, PlannedAction } from '../lay.ts'
import { limitedFigure, limitFigures } from '../limit.ts'
import { pictureRule } from '../rule.ts'

/** Showing a picture neither bends nor knocks it. */
const bends = ({ what }: PlannedAction): boolean => what !== 'show'
const stiffBelow = 0.7
const polymerGrounds: readonly string[] = [
  'acrylic_dispersion_ground',
  'acrylic_absorbent_ground',
  'alkyd_ground',
]

const isStiff = ({ film, isOilFilm }: LaidLayer): boolean => isOilFilm && (film.flexPlain ?? 1) < stiffBelow

/** How cold it is on a day: the reading nearest to it, else as the room is set. */
function temperatureOn({ readings, climate }: LaidPicture, day: number): number {
  const nearest = readings.reduce<{ temperatureC: number; apart: number } | null>((last, reading) => {
    const apart = Math.abs(reading.day - day)
    return last && last.apart <= apart ? last : { temperatureC: reading.temperatureC, apart }
  }, null)
  return nearest?.temperatureC ?? climate.temperatureC
}

export const coldBrittle = pictureRule({
  id: 'cold-brittle',
  about: 'room',
  finds: (picture) => {
    const { areas, ground, actions, practice } = picture
    const { limits } = practice
    const layers = areas.flatMap((area) => area.layers.filter(({ goneDay }) => goneDay === null))
    const glassy = layers.find(({ film }) => turnsGlassy(film)) ?? null
    const isGlassyGround = ground !== null && polymerGrounds.includes(ground.id)
    const stiff = layers.find(isStiff) ?? null
    return actions.filter(bends).flatMap(({ what, day }) => {
      const temperatureC = temperatureOn(picture, day)
      const held = [
        ...(glassy || isGlassyGround ? [{ key: 'coldPolymer' as const, layer: glassy ?? layers[0] }] : []),
        ...(stiff ? [{ key: 'coldStiff' as const, layer: stiff }] : []),
      ].flatMap(({ key, layer }) => {
        const severity = levelOf(key, limits[key], temperatureC)
        return severity && layer ? [{ key, layer, severity }] : []
      })
      const worst = held.sort((a, b) => gravity[b.severity] - gravity[a.severity])[0]
      if (!worst) return []
      return [
        {
          severity: worst.severity,
          layer: worst.layer.event,
          area: areas[0]!.area.id,
          message: `At ${about(temperatureC)} °C ${worst.layer === glassy || worst.layer === stiff ? worst.layer.name : 'the ground'} is brittle: to ${what} it now may crack it. Warm it a day at 18 °C first.`,
          numbers: {
            temperature: limitedFigure(worst.key, temperatureC),
            day: figure('day of the work', day, 'days'),
            ...limitFigures(worst.key, limits[worst.key]),
          },
        },
      ]
    })
  },
})
