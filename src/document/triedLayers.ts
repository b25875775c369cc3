import { driesAtOnce } from '../core/cure/forecast.ts'
import { dryingPartsOf } from '../core/film/dries.ts'
import { dayOf } from '../core/plan/calendar.ts'
import type { FindMaterial } from '../core/materials/find.ts'
import type { Assessment, AssessedLayer } from './assess.ts'
import { paintedAtOf } from './brush.ts'
import { triedBy } from './tried.ts'
import { tellsOfFilm } from './fingers.ts'
import { ingredientsOfPasses } from './learnt.ts'
import type { TriedFilm } from './tried.ts'
import { clockOfRoom } from './pictureRoom.ts'
import { folded, roomOf } from './picture.ts'
import type { Picture } from './picture.ts'

/**
 * What of a picture's layers was tried by hand, to learn from: of films not painted wet into wet, while they lay bare, in
 * weather that forecasts are made for (reckonings.md, Learning).
 */
export function triedIn(
  picture: Picture,
  assessment: Assessment,
  findMaterial: FindMaterial,
): readonly TriedFilm[] {
  const fold = folded(picture, findMaterial)
  const clock = clockOfRoom(roomOf(picture))
  return picture.layers.flatMap((layer, at): readonly TriedFilm[] => {
    const { worst } = assessment.layers[at]!
    const paintedAt = paintedAtOf(layer)
    if (!worst || !paintedAt || layer.wetInWet || driesAtOnce(worst.forecast)) return []
    const laidDay = dayOf(paintedAt)!
    const bare = bareUntil(assessment.layers, at, picture)
    const evidence = picture.touchTests
      .filter((finger) => finger.layerId === layer.id && tellsOfFilm(finger))
      .map((finger) => triedBy(finger, laidDay))
      .filter(({ day }) => laidDay + day < bare && !wasOutOfRange(picture, laidDay, laidDay + day))
      .map((test) => (clock ? { ...test, day: clock.steadyDays(laidDay, test.day) } : test))
    const area = fold.areas.find((one) => one.area.id === worst.area)
    const stratum = area?.strata.find(({ event }) => event === worst.layer)
    if (evidence.length === 0 || !stratum) return []
    const film = {
      of: layer.id,
      name: layer.name,
      picture: picture.painting.title,
      parts: dryingPartsOf(ingredientsOfPasses(stratum.passes)),
      thicknessUm: worst.thickestUm,
      bookDays: worst.bookDays,
      evidence,
    }
    return [film]
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
