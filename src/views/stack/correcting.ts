import type { Correction, LayerDocument } from '../../document/layer.ts'
import type { Picture } from '../../document/picture/picture.ts'

/** A correction being tried: judged at once, and stored only when it is saved. */
export interface Correcting {
  readonly layerId: string
  readonly change: Correction
}

/** The picture as it would be with the correction; a medium newly named is taken as its recipe stands. */
export function tried<Shown extends Picture>(picture: Shown, correcting: Correcting | null): Shown {
  if (!correcting) return picture
  const { layerId, change } = correcting
  const live = picture.mediums.find(({ id }) => id === change.medium?.mediumId)
  const correct = (layer: LayerDocument): LayerDocument => {
    const { painted } = layer
    if (!painted || layer.id !== layerId) return layer
    const given = Object.fromEntries(Object.entries(change).filter(([, value]) => value !== undefined))
    const now = { ...painted, ...given }
    if (!change.medium || change.medium.mediumId === painted.medium?.mediumId)
      return { ...layer, painted: now }
    const used = live ? { name: live.name, recipe: live.recipe } : null
    return { ...layer, painted: { ...now, used, materials: [...now.materials, ...(live?.materials ?? [])] } }
  }
  return { ...picture, layers: picture.layers.map(correct) }
}
