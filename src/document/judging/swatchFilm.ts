import { driesAtOnce, forecastOf } from '../../core/cure/forecast.ts'
import type { Forecast } from '../../core/cure/forecast.ts'
import type { StateDays } from '../../core/cure/states.ts'
import { stateDaysFromTable } from '../../core/cure/table.ts'
import { dryingPartsOf } from '../../core/film/dries.ts'
import type { DryingParts } from '../../core/film/dries.ts'
import { findInLibrary } from '../../core/materials/find.ts'
import { dayOf } from '../../core/plan/calendar.ts'
import { noPractice } from '../../core/practice/practice.ts'
import { cureLayersOf, statesOf } from '../../core/soundness/lay.ts'
import { fold } from '../../core/stack/fold.ts'
import type { Stratum } from '../../core/stack/fold.ts'
import { groundOf, suctionUnder } from '../../core/stack/support.ts'
import type { Climate } from '../../core/cure/climate.ts'
import { blankLayer } from '../blank/blankLayer.ts'
import { evidenceOf, tellsOfFilm } from './fingers.ts'
import type { LayerDocument } from '../layer.ts'
import { ingredientsOfPasses, learntPaceOf } from '../picture/learnt.ts'
import type { PictureLearnt } from '../picture/learnt.ts'
import { triedBy } from './tried.ts'
import type { TriedFilm } from './tried.ts'
import { clockOfRoom } from '../picture/pictureRoom.ts'
import type { PictureRoom } from '../picture/pictureRoom.ts'
import { readyOf } from '../picture/picture.ts'
import type { Swatch } from '../swatch.ts'

/** A swatch as the film it is: judged as a layer alone on its ground. */
export interface SwatchFilm {
  readonly laid: LaidSwatch
  /** With what is learnt, and with its own checks. */
  readonly forecast: Forecast
}

/** Everywhere. */
const whole = ''

/** A swatch as a painted layer; what it was made of is on its own record. */
export const layerOfSwatch = ({ id, name, laid }: Pick<Swatch, 'id' | 'name' | 'laid'>): LayerDocument =>
  blankLayer({ ...laid, id, name, paintingId: 'swatches', position: 0, painted: laid })

/** A swatch as it was laid, before anything is forecast of it. */
export interface LaidSwatch {
  readonly swatch: Swatch
  readonly stratum: Stratum
  readonly laidDay: number
  readonly dryUm: number
  readonly parts: DryingParts
  /** By the book, in the steady room. */
  readonly bookDays: StateDays
  readonly room: PictureRoom
}

/** Null where what was laid can no longer be made out. */
export function laidSwatch(swatch: Swatch, room: PictureRoom, climate: Climate): LaidSwatch | null {
  const ready = readyOf(layerOfSwatch(swatch), [], findInLibrary)
  const suctionUm = swatch.ground ? suctionUnder(groundOf(swatch.ground), false) : 0
  const [stratum] = fold([ready], whole, suctionUm)
  if (!stratum) return null
  const [cured] = cureLayersOf([stratum], [ready], () => 0)
  const bookDays = statesOf(stratum, stateDaysFromTable(cured!, climate), room.climate, noPractice)
  return {
    swatch,
    stratum,
    laidDay: dayOf(swatch.laid.at)!,
    dryUm: stratum.film.dryThicknessUm,
    parts: dryingPartsOf(ingredientsOfPasses(stratum.passes)),
    bookDays,
    room,
  }
}

/** What is forecast of it with what is learnt, and with these of its own checks. */
export function swatchFilm(
  laid: LaidSwatch,
  learnt: PictureLearnt | null,
  fingers: Swatch['fingers'] = laid.swatch.fingers,
): SwatchFilm {
  const { swatch, stratum, laidDay, bookDays, room } = laid
  const isOil = !driesAtOnce({ days: bookDays })
  const { passes, thickestUm } = stratum
  return {
    laid,
    forecast: forecastOf(
      bookDays,
      thickestUm,
      fingers.filter(tellsOfFilm).map((finger) => evidenceOf(finger, laidDay)),
      {
        laidDay,
        room: isOil ? clockOfRoom(room) : null,
        learnt: isOil && learnt ? learntPaceOf(learnt, swatch.id, passes, thickestUm) : null,
      },
    ),
  }
}

/** What of a swatch was tried by hand, to learn from; nothing of what does not dry by taking up oxygen. */
export function triedSwatch({ swatch, parts, dryUm, bookDays, laidDay, room }: LaidSwatch): TriedFilm | null {
  if (driesAtOnce({ days: bookDays })) return null
  const clock = clockOfRoom(room)
  const wasOut = (day: number): boolean =>
    room.outOfRange.some((out) => out >= Math.floor(laidDay) && out <= laidDay + day)
  const evidence = swatch.fingers
    .filter(tellsOfFilm)
    .map((finger) => triedBy(finger, laidDay))
    .filter(({ day }) => !wasOut(day))
    .map((test) => (clock ? { ...test, day: clock.steadyDays(laidDay, test.day) } : test))
  if (evidence.length === 0) return null
  return { of: swatch.id, name: swatch.name, picture: null, parts, thicknessUm: dryUm, bookDays, evidence }
}
