import type { LayerDocument } from '../layer.ts'
import type { Picture } from '../picture/picture.ts'

/** What is written to mend a finding: one layer otherwise, one in two coats, one taken out, or another order. */
export type PictureChange =
  | { readonly is: 'edit'; readonly layerId: string; readonly change: Partial<LayerDocument> }
  | {
      readonly is: 'split'
      readonly layerId: string
      readonly wetThicknessUm: number
      readonly upper: LayerDocument
    }
  | { readonly is: 'remove'; readonly layerId: string }
  | { readonly is: 'order'; readonly layerIds: readonly string[] }

/** The picture as it would be with a change. */
export function changed(picture: Picture, change: PictureChange): Picture {
  return { ...picture, layers: inOrder(changedLayers(picture.layers, change)) }
}

function changedLayers(layers: readonly LayerDocument[], change: PictureChange): readonly LayerDocument[] {
  switch (change.is) {
    case 'edit':
      return layers.map((layer) => (layer.id === change.layerId ? { ...layer, ...change.change } : layer))
    case 'split':
      return layers.flatMap((layer) =>
        layer.id === change.layerId
          ? [{ ...layer, wetThicknessUm: change.wetThicknessUm, ridgeWetUm: null }, change.upper]
          : [layer],
      )
    case 'remove':
      return layers.filter(({ id }) => id !== change.layerId)
    case 'order':
      return change.layerIds.map((id) => layers.find((layer) => layer.id === id)!)
  }
}

const inOrder = (layers: readonly LayerDocument[]): readonly LayerDocument[] =>
  layers.map((layer, position) => (layer.position === position ? layer : { ...layer, position }))
