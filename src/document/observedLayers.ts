import { driesAtOnce } from '../core/cure/forecast.ts'
import { dryingPartsOf } from '../core/film/dries.ts'
import { dayOf } from '../core/plan/calendar.ts'
import type { FindMaterial } from '../core/materials/find.ts'
import type { Assessment, AssessedLayer } from './assess.ts'
import { paintedAtOf } from './brush.ts'
import { fingersOn } from './fingers.ts'
import { ingredientsOfPasses } from './learnt.ts'
import { observationsOf } from './observed.ts'
import type { Observed } from './observed.ts'
import { clockOfRoom } from './pictureRoom.ts'
import { folded, roomOf } from './picture.ts'
import type { Picture } from './picture.ts'

/**
 * What the checks on a picture's layers say of how such films dry: of films not painted wet into wet, while they lay bare, in
 * weather that forecasts are made for (reckonings.md, Learning).
 */
export function observedIn(
  picture: Picture,
  assessment: Assessment,
  findMaterial: FindMaterial,
): readonly Observed[] {
  const fold = folded(picture, findMaterial)
  const clock = clockOfRoom(roomOf(picture))
  return picture.layers.flatMap((layer, at): readonly Observed[] => {
    const { worst } = assessment.layers[at]!
    const paintedAt = paintedAtOf(layer)
    if (!worst || !paintedAt || layer.wetInWet || driesAtOnce(worst.forecast)) return []
    const laidDay = dayOf(paintedAt)!
    const bare = bareUntil(assessment.layers, at, picture)
    const evidence = fingersOn(picture, layer)
      .filter(({ day }) => laidDay + day < bare && !wasOutOfRange(picture, laidDay, laidDay + day))
      .map((test) => (clock ? { ...test, day: clock.steadyDays(laidDay, test.day) } : test))
    const area = fold.areas.find((one) => one.area.id === worst.area)
    const stratum = area?.strata.find(({ event }) => event === worst.layer)
    if (evidence.length === 0 || !stratum) return []
    return observationsOf({
      of: layer.id,
      parts: dryingPartsOf(ingredientsOfPasses(stratum.passes)),
      thicknessUm: worst.thickestUm,
      bookDays: worst.bookDays,
      evidence,
    })
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
