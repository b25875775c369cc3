import type { FindMaterial } from '../../core/materials/find.ts'
import { mixedColour, oilColour } from '../../core/values/pigmentColours.ts'
import { brushOf } from '../brush.ts'
import type { LayerDocument } from '../layer.ts'
import { mixtureShares } from '../mixture.ts'
import { findOn } from './picture.ts'

/** The colour a layer is drawn in: about that of its pigments together; of a clear film, that of oil. */
export function layerColour(layer: LayerDocument, findMaterial: FindMaterial): string {
  const { paints } = brushOf(layer)
  return paints.length === 0 ? oilColour : mixedColour(mixtureShares(paints, findOn(layer, findMaterial)))
}
