import { driesAtOnce, forecastOf } from '../core/cure/forecast.ts'
import type { Forecast } from '../core/cure/forecast.ts'
import type { StateDays } from '../core/cure/states.ts'
import { stateDaysFromTable } from '../core/cure/table.ts'
import { dryingPartsOf } from '../core/film/dries.ts'
import type { DryingParts } from '../core/film/dries.ts'
import type { Film } from '../core/film/film.ts'
import { findInLibrary } from '../core/materials/find.ts'
import { dayOf } from '../core/plan/calendar.ts'
import { noPractice } from '../core/practice/practice.ts'
import { cureLayersOf, statesOf } from '../core/soundness/lay.ts'
import { fold } from '../core/stack/fold.ts'
import type { Stratum } from '../core/stack/fold.ts'
import { groundOf, suctionUnder } from '../core/stack/support.ts'
import type { Climate } from '../core/cure/climate.ts'
import { blankLayer } from './blankLayer.ts'
import { evidenceOf } from './fingers.ts'
import type { LayerDocument } from './layer.ts'
import { ingredientsOfPasses, learntPaceOf } from './learnt.ts'
import type { PictureLearnt } from './learnt.ts'
import { observationsOf } from './observed.ts'
import type { Observed } from './observed.ts'
import { clockOfRoom } from './pictureRoom.ts'
import type { PictureRoom } from './pictureRoom.ts'
import { readyOf } from './picture.ts'
import type { Swatch } from './swatch.ts'

/** A swatch as the film it is: judged as a layer alone on its ground. */
export interface SwatchFilm {
  readonly film: Film
  readonly dryUm: number
  readonly laidDay: number
  readonly parts: DryingParts
  /** By the book, in the steady room. */
  readonly bookDays: StateDays
  /** With what is learnt, and with its own checks. */
  readonly forecast: Forecast
}

/** Everywhere. */
const whole = ''

/** A swatch as a painted layer; what it was made of is on its own record. */
export const layerOfSwatch = ({ id, name, laid }: Pick<Swatch, 'id' | 'name' | 'laid'>): LayerDocument =>
  blankLayer({ ...laid, id, name, paintingId: 'swatches', position: 0, painted: laid })

function stratumOf(swatch: Swatch): Stratum | undefined {
  const ready = readyOf(layerOfSwatch(swatch), [], findInLibrary)
  const suctionUm = swatch.ground ? suctionUnder(groundOf(swatch.ground), false) : 0
  return fold([ready], whole, suctionUm)[0]
}

/** Null where what was laid can no longer be made out. */
export function swatchFilm(
  swatch: Swatch,
  { room, climate, learnt }: { room: PictureRoom; climate: Climate; learnt: PictureLearnt | null },
): SwatchFilm | null {
  const stratum = stratumOf(swatch)
  if (!stratum) return null
  const laidDay = dayOf(swatch.laid.at)!
  const ready = readyOf(layerOfSwatch(swatch), [], findInLibrary)
  const [cured] = cureLayersOf([stratum], [ready], () => 0)
  const bookDays = statesOf(stratum, stateDaysFromTable(cured!, climate), room.climate, noPractice)
  const isOil = !driesAtOnce({ days: bookDays })
  const fingers = swatch.fingers.filter(({ counts }) => counts)
  return {
    film: stratum.film,
    dryUm: stratum.film.dryThicknessUm,
    laidDay,
    parts: dryingPartsOf(ingredientsOfPasses(stratum.passes)),
    bookDays,
    forecast: forecastOf(
      bookDays,
      stratum.thickestUm,
      fingers.map((finger) => evidenceOf(finger, laidDay)),
      {
        laidDay,
        room: isOil ? clockOfRoom(room) : null,
        learnt: isOil && learnt ? learntPaceOf(learnt, swatch.id, stratum.passes, stratum.thickestUm) : null,
      },
    ),
  }
}

/** What a swatch's checks say of how such films dry. */
export function observedOfSwatch(swatch: Swatch, made: SwatchFilm, room: PictureRoom): readonly Observed[] {
  const { parts, dryUm, bookDays, laidDay } = made
  if (driesAtOnce({ days: bookDays })) return []
  const clock = clockOfRoom(room)
  const evidence = swatch.fingers
    .filter(({ counts }) => counts)
    .map((finger) => evidenceOf(finger, laidDay))
    .filter(({ day }) => !room.outOfRange.some((out) => out >= Math.floor(laidDay) && out <= laidDay + day))
    .map((test) => (clock ? { ...test, day: clock.steadyDays(laidDay, test.day) } : test))
  return observationsOf({ of: swatch.id, parts, thicknessUm: dryUm, bookDays, evidence })
}
