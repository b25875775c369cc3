import type { BrushedFilm } from '../../core/evening/brushSet.ts'
import type { Mix } from '../../core/film/film.ts'
import { waterborneFrom } from '../../core/film/kindOfFilm.ts'
import { isVarnish, kindTable } from '../../core/stack/kinds.ts'
import type { LayerDocument } from '../layer.ts'

/** What a layer is to the brush it is laid on with. */
export const brushedFilm = (
  { event }: Pick<LayerDocument, 'event'>,
  { film, materials }: Pick<Mix, 'film' | 'materials'>,
): BrushedFilm => ({
  isWaterborne: film.binder.waterborne >= waterborneFrom,
  hasEgg: materials.some(({ family }) => family === 'egg'),
  isVarnish: isVarnish(kindTable[event.kind].purpose),
})
