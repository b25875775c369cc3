import { stageOf } from '../core/finish/stageOf.ts'
import type { PackedPicture, Stage } from '../core/finish/stageOf.ts'
import { restedStage } from '../core/plan/varnishMonths.ts'
import { supportOf } from '../core/stack/support.ts'
import type { Assessment } from './assess.ts'
import type { Picture } from './picture.ts'
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
  }
}

/** The day of the last film that lies there on a day; each one added begins a varnish's months anew. */
export const lastLaidOn = (picture: Picture, assessment: Assessment, day: number): number =>
  Math.max(...filmsOn(picture, assessment, day).map(({ age }) => day - age))

/** How far a picture has come on a day, as it is told: for packing, and with the months a varnish waits. */
export function stageOn(picture: Picture, assessment: Assessment, day: number): Stage {
  const packed = packedOn(picture, assessment, day)
  const lastLaid = lastLaidOn(picture, assessment, day)
  return restedStage(stageOf(packed), day, { lastLaid, thickestUm: packed.thickestUm })
}
