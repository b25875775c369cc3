import { stageOf } from '../../core/finish/stageOf.ts'
import type { PackedPicture, Stage } from '../../core/finish/stageOf.ts'
import { restedStage } from '../../core/plan/varnishMonths.ts'
import { supportOf } from '../../core/stack/support.ts'
import { monthsFrom, restartsVarnish } from '../../core/finish/restsVarnish.ts'
import { kindTable } from '../../core/stack/kinds.ts'
import { brushOf } from '../brush.ts'
import type { LayerDocument } from '../layer.ts'
import type { Assessment } from './assess.ts'
import type { Picture } from '../picture/picture.ts'
import { filmsOn, stateOfFilms } from './stateReached.ts'

/** A picture as packing sees it on a day; today only what is painted counts. */
export function packedOn(picture: Picture, assessment: Assessment, day: number): PackedPicture {
  const films = filmsOn(picture, assessment, day)
  return {
    state: stateOfFilms(films.map(({ spot, age }) => ({ forecast: spot.forecast, age }))),
    thickestUm: Math.max(0, ...films.map(({ spot }) => spot.thickestUm)),
    wax: Math.max(0, ...films.map(({ spot }) => spot.film.binder.wax)),
    isFlexible: supportOf(picture.painting.support)?.id.endsWith('stretched') ?? false,
    flexPlain: Math.min(2, ...films.map(({ spot }) => spot.film.flexPlain ?? 1)),
    alkyd: Math.min(1, ...films.map(({ spot }) => spot.film.binder.alkyd)),
  }
}

/** The day of the last film that lies there on a day and begins a varnish's months anew. */
export const lastLaidOn = (picture: Picture, assessment: Assessment, day: number): number =>
  monthsFrom(
    filmsOn(picture, assessment, day).map(({ layer, spot, age }) => ({
      laidDay: day - age,
      restarts: restartsVarnish(purposeOf(layer), spot.film),
    })),
  )

const purposeOf = (layer: LayerDocument) => kindTable[brushOf(layer).event.kind].purpose

/** How far a picture has come on a day, as it is told: for packing, and with the months a varnish waits. */
export function stageOn(picture: Picture, assessment: Assessment, day: number): Stage {
  const packed = packedOn(picture, assessment, day)
  const lastLaid = lastLaidOn(picture, assessment, day)
  return restedStage(stageOf(packed), day, { ...packed, lastLaid })
}
