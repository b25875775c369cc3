import type { BrushedFilm } from '../core/evening/brushSet.ts'
import type { BeforeDrinking } from '../core/film/film.ts'
import { waterborneFrom } from '../core/film/kindOfFilm.ts'
import { isVarnish, kindTable } from '../core/stack/kinds.ts'
import type { LayerDocument } from './layer.ts'

/** What a layer is to the brush it is laid on with. */
export const brushedFilm = (
  { event }: Pick<LayerDocument, 'event'>,
  { binder }: Pick<BeforeDrinking, 'binder'>,
): BrushedFilm => ({
  isWaterborne: binder.waterborne >= waterborneFrom && binder.protein < waterborneFrom,
  hasEgg: binder.protein > 0,
  isVarnish: isVarnish(kindTable[event.kind].purpose),
})
