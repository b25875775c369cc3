import type { LayerDocument } from './layer.ts'

/** The pigments of several paints, each by its share of the parts. */
export const mixtureShares = (
  paints: LayerDocument['paints'],
): readonly { readonly id: string; readonly share: number }[] =>
  paints.flatMap(({ parts, pigments }) => {
    const total = pigments.reduce((sum, { share }) => sum + share, 0)
    return pigments.map(({ pigment, share }) => ({ id: pigment, share: (parts * share) / total }))
  })
