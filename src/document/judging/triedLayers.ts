import { driesAtOnce } from '../../core/cure/forecast.ts'
import { dryingPartsOf } from '../../core/film/dries.ts'
import type { DryingParts } from '../../core/film/dries.ts'
import { dayOf } from '../../core/plan/calendar.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import type { Assessment, AssessedLayer } from './assess.ts'
import { paintedAtOf } from '../brush.ts'
import { triedBy } from './tried.ts'
import { tellsOfFilm } from './fingers.ts'
import { ingredientsOfPasses } from '../picture/learnt.ts'
import type { TriedFilm } from './tried.ts'
import { clockOfRoom } from '../picture/pictureRoom.ts'
import { folded, roomOf } from '../picture/picture.ts'
import type { Picture } from '../picture/picture.ts'

/** A painted film a hand may teach of others by: laid on its own, and forecast. */
interface TeachingFilm extends Pick<TriedFilm, 'parts' | 'thicknessUm' | 'bookDays'> {
  readonly laidDay: number
  /** The day it was covered where it is slowest. */
  readonly bareUntil: number
}

/** Of each layer; null where there is nothing to be learnt from it. */
function teachingFilms(
  picture: Picture,
  assessment: Assessment,
  findMaterial: FindMaterial,
): readonly (TeachingFilm | null)[] {
  const fold = folded(picture, findMaterial)
  return picture.layers.map((layer, at) => {
    const { worst } = assessment.layers[at]!
    const paintedAt = paintedAtOf(layer)
    if (!worst || !paintedAt || layer.wetInWet || driesAtOnce(worst.forecast)) return null
    const area = fold.areas.find((one) => one.area.id === worst.area)
    const stratum = area?.strata.find(({ event }) => event === worst.layer)
    return stratum
      ? {
          parts: dryingPartsOf(ingredientsOfPasses(stratum.passes)),
          thicknessUm: worst.thickestUm,
          bookDays: worst.bookDays,
          laidDay: dayOf(paintedAt)!,
          bareUntil: bareUntil(assessment.layers, at, picture),
        }
      : null
  })
}

/** Where a layer is slowest and lies bare, and by what a hand on it there would teach of other films. */
export interface BareFilm {
  readonly area: string
  readonly parts: DryingParts
}

/** Of each layer; null: it is covered, or would teach nothing. */
export const bareFilms = (
  picture: Picture,
  assessment: Assessment,
  findMaterial: FindMaterial,
): readonly (BareFilm | null)[] =>
  teachingFilms(picture, assessment, findMaterial).map((film, at) =>
    film?.bareUntil === Infinity ? { area: assessment.layers[at]!.worst!.area, parts: film.parts } : null,
  )

/**
 * What of a picture's layers was tried by hand, to learn from: of films not painted wet into wet, while they lay bare, in
 * weather that forecasts are made for (reckonings.md, Learning).
 */
export function triedIn(
  picture: Picture,
  assessment: Assessment,
  findMaterial: FindMaterial,
): readonly TriedFilm[] {
  const clock = clockOfRoom(roomOf(picture))
  const films = teachingFilms(picture, assessment, findMaterial)
  return picture.layers.flatMap(({ id, name }, at): readonly TriedFilm[] => {
    const film = films[at]
    if (!film) return []
    const { laidDay, bareUntil: bare, ...taught } = film
    const evidence = picture.touchTests
      .filter((finger) => finger.layerId === id && tellsOfFilm(finger))
      .map((finger) => triedBy(finger, laidDay))
      .filter(({ day }) => laidDay + day < bare && !wasOutOfRange(picture, laidDay, laidDay + day))
      .map((test) => (clock ? { ...test, day: clock.steadyDays(laidDay, test.day) } : test))
    if (evidence.length === 0) return []
    return [{ of: id, name, picture: picture.painting.title, ...taught, evidence }]
  })
}

/** The day something was painted over a layer where it is slowest; never: it lies bare. */
function bareUntil(layers: readonly AssessedLayer[], at: number, picture: Picture): number {
  const { area } = layers[at]!.worst!
  const covering = layers.slice(at + 1).flatMap(({ spots }, above) => {
    const paintedAt = paintedAtOf(picture.layers[at + 1 + above]!)
    return paintedAt && spots.some((spot) => spot.area === area) ? [dayOf(paintedAt)!] : []
  })
  return Math.min(Infinity, ...covering)
}

const wasOutOfRange = (picture: Picture, from: number, until: number): boolean =>
  roomOf(picture).outOfRange.some((day) => day >= Math.floor(from) && day <= until)
