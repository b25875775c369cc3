import type { FindMaterial } from '../../core/materials/find.ts'
import { kindOf } from '../../core/materials/material.ts'
import type { OwnTube } from '../../document/tube.ts'
import { mixedColour } from '../../core/values/pigmentColours.ts'

/** The colour a tube is drawn in: the painter's own, else about that of its pigments. */
export const tubeColour = (
  { colour, pigments }: Pick<OwnTube, 'colour' | 'pigments'>,
  findMaterial: FindMaterial,
): string =>
  colour ??
  mixedColour(
    pigments.map(({ pigment, share }) => {
      const material = findMaterial(pigment)
      return { id: material ? kindOf(material) : pigment, share }
    }),
  )
