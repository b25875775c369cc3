import { isWaxy } from '../../core/film/kindOfFilm.ts'
import { dayOf } from '../../core/plan/calendar.ts'
import { isVarnish, kindTable } from '../../core/stack/kinds.ts'
import { assess } from './assess.ts'
import { brushOf, paintedAtOf } from '../brush.ts'
import type { Picture } from '../picture/picture.ts'
import { findInStudio } from '../studioMaterials.ts'
import type { OldPictureDocument } from '../studio.ts'

const daysAYear = 365.25

/** A picture of the studio as the ground of another, as its record tells: the fattest and hardest layer of all. */
export function asOldPicture(picture: Picture): OldPictureDocument {
  const { layers, painting, today } = picture
  const { layers: assessed } = assess(picture, findInStudio(picture.shelf))
  const there = layers.flatMap((layer, at) => {
    const spot = assessed[at]!.spots.find(({ goneBy }) => goneBy === null)
    return layer.painted && spot ? [{ layer, film: spot.film }] : []
  })
  const last = there.at(-1)
  const days = last ? today - dayOf(paintedAtOf(last.layer)!)! : null
  return {
    paintingId: painting.id,
    title: painting.title,
    isVarnished: there.some(({ layer }) => isVarnish(kindTable[brushOf(layer).event.kind].purpose)),
    isWaxy: there.some(({ film }) => isWaxy(film)),
    isGlossy: last ? last.film.surface === null || last.film.surface === 'glossy' : true,
    years: days === null ? null : Number((days / daysAYear).toFixed(1)),
    prepared: null,
  }
}
