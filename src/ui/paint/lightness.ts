import type { FindMaterial } from '../../core/materials/find.ts'
import { linearOf, yOfRgb } from '../../core/values/budget.ts'
import type { Rgb } from '../../core/values/budget.ts'
import { lightnessOf } from '../../core/values/lightness.ts'
import { channelOf } from '../../core/values/pigmentColours.ts'
import { brushOf } from '../../document/brush.ts'
import { layerColour } from '../../document/picture/layerColour.ts'
import type { LayerDocument } from '../../document/layer.ts'

/** How light a layer's paint looks, L* 0 black to 100 white, by the mean of its pigments' colours; null: it has none. */
export function lightnessOfLayer(layer: LayerDocument, findMaterial: FindMaterial): number | null {
  if (brushOf(layer).paints.length === 0) return null
  const colour = layerColour(layer, findMaterial)
  const rgb = [0, 1, 2].map((channel) => linearOf(255 * channelOf(colour, channel))) as unknown as Rgb
  return lightnessOf(yOfRgb(rgb))
}
