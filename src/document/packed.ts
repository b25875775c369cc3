import { stateReached } from './stateReached.ts'
import type { PackedPicture } from '../core/finish/stages.ts'
import { supportOf } from '../core/stack/support.ts'
import type { Assessment } from './assess.ts'
import type { Picture } from './picture.ts'

/** A picture as packing sees it today: only what is painted counts; null while nothing lies on it. */
export function packedOf(picture: Picture, assessment: Assessment): PackedPicture | null {
  const state = stateReached(picture, assessment, picture.today)
  if (state === 'bare') return null
  const spots = assessment.layers.flatMap(({ spots: own }, at) =>
    picture.layers[at]!.painted ? own.filter(({ goneBy }) => goneBy === null) : [],
  )
  return {
    state,
    thickestUm: Math.max(0, ...spots.map(({ thickestUm }) => thickestUm)),
    wax: Math.max(0, ...spots.map(({ film }) => film.binder.wax)),
    isFlexible: supportOf(picture.painting.support)?.id.endsWith('stretched') ?? false,
    flexPlain: Math.min(2, ...spots.map(({ film }) => film.flexPlain ?? 1)),
  }
}
