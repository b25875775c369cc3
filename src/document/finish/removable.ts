import { agedDays, removability, removerOf, yieldsFrom } from '../../core/finish/removability.ts'
import type { Remover, Yields } from '../../core/finish/removability.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import type { Material } from '../../core/materials/material.ts'
import type { Assessment } from '../judging/assess.ts'
import { brushOf } from '../brush.ts'
import type { LayerDocument } from '../layer.ts'
import { readyOf } from '../picture/picture.ts'
import type { Picture } from '../picture/picture.ts'
import { isVarnishing } from './readiness.ts'
import { filmsOn } from '../judging/stateReached.ts'

/** Whether the varnish comes off again without what lies under it, area by area. */
export interface Removable {
  readonly area: string
  /** The weakest film under it. */
  readonly layer: string
  readonly yields: Yields
  readonly verdict: 'sound' | 'watch' | 'unsound'
}

/** The weakest film of each area, as it gives to a cleaner once it has aged, or on a day of its own. */
export function weakestFilms(
  picture: Picture,
  assessment: Assessment,
  ageDays: number | null,
): readonly (Pick<Removable, 'area' | 'layer' | 'yields'> & { readonly id: string })[] {
  const films = filmsOn(picture, assessment, picture.today).filter(({ layer }) => !isVarnishing(layer))
  return assessment.areas.flatMap(({ area }) => {
    const here = films
      .filter(({ spot }) => spot.area === area.id)
      .map(({ layer, spot, age }) => ({
        id: area.id,
        area: area.name,
        layer: layer.name,
        yields: yieldsFrom(spot.film, spot.forecast, ageDays ?? age),
      }))
    const weakest = here.reduce<(typeof here)[number] | null>(
      (least, one) => (least && least.yields.rank <= one.yields.rank ? least : one),
      null,
    )
    return weakest ? [weakest] : []
  })
}

export const removableIn = (
  varnish: Material,
  picture: Picture,
  assessment: Assessment,
): readonly Removable[] =>
  weakestFilms(picture, assessment, agedDays).map(({ area, layer, yields }) => ({
    area,
    layer,
    yields,
    verdict: removability(removerOf([varnish]), yields),
  }))

/** The varnish that lies on it; null: none does. */
export function varnishOn(
  { layers, mediums }: Picture,
  findMaterial: FindMaterial,
): { readonly layer: LayerDocument; readonly remover: Remover | null } | null {
  const done = layers.filter(({ painted }) => painted !== null)
  const at = done.findLastIndex(isVarnishing)
  const off = done.findLastIndex((layer) => brushOf(layer).event.kind === 'varnish-off')
  if (at < 0 || off > at) return null
  const layer = done[at]!
  const { mix } = readyOf(layer, mediums, findMaterial)
  return { layer, remover: mix && removerOf(mix.materials) }
}
