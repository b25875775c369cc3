import type { FindMaterial } from '../../core/materials/find.ts'
import { folded } from '../picture/picture.ts'
import type { Picture } from '../picture/picture.ts'

/** What the thirstiest place that a layer goes on can still drink, µm (= ml/m²). */
export function suctionUnderLayer(picture: Picture, layerId: string, findMaterial: FindMaterial): number {
  const at = picture.layers.findIndex(({ id }) => id === layerId)
  const here = folded(picture, findMaterial).areas.flatMap(({ strata }) =>
    strata.filter(({ passes }) => passes.some(({ event }) => event === at)),
  )
  return Math.max(0, ...here.map(({ film }) => film.suctionUm))
}
