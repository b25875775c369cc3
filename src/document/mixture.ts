import type { FindMaterial } from '../core/materials/find.ts'
import { kindOf } from '../core/materials/material.ts'
import type { LayerDocument } from './layer.ts'

/** The pigments of several paints by their kind, each with its share of the parts. */
export const mixtureShares = (
  paints: LayerDocument['paints'],
  findMaterial: FindMaterial,
): readonly { readonly id: string; readonly share: number }[] =>
  paints.flatMap(({ parts, pigments }) => {
    const total = pigments.reduce((sum, { share }) => sum + share, 0)
    return pigments.map(({ pigment, share }) => {
      const material = findMaterial(pigment)
      return { id: material ? kindOf(material) : pigment, share: (parts * share) / total }
    })
  })
