import type { LayerDocument } from './layer.ts'
import type { ShelfItem } from './shelf.ts'

/** The pigments of several paints by their kind, each with its share of the parts. */
export const mixtureShares = (
  paints: LayerDocument['paints'],
  lots: readonly ShelfItem[],
): readonly { readonly id: string; readonly share: number }[] =>
  paints.flatMap(({ parts, pigments }) => {
    const total = pigments.reduce((sum, { share }) => sum + share, 0)
    return pigments.map(({ pigment, share }) => ({
      id: lots.find(({ id }) => id === pigment)?.base ?? pigment,
      share: (parts * share) / total,
    }))
  })
