import type { PackedPicture } from '../core/finish/stageOf.ts'
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
