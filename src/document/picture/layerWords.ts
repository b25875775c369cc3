import type { FindMaterial } from '../../core/materials/find.ts'
import { unitName } from '../../core/measure/units.ts'
import { about, listed } from '../../core/words.ts'
import { brushOf } from '../brush.ts'
import type { Brush } from '../brush.ts'
import type { LayerDocument } from '../layer.ts'
import { findOn } from './picture.ts'
import type { Picture } from './picture.ts'

/** What a layer is made of, in the painter's own measures, as it was used. */

/** A paint, its pigments with their colour index, and what it is ground in. */
function paintWords({ pigments, oil, name, parts }: Brush['paints'][number], find: FindMaterial): string {
  const colours = pigments.map(({ pigment }) => {
    const material = find(pigment)
    const code = material?.pigmentCode
    return `${material?.name ?? pigment}${code ? ` (${code})` : ''}`
  })
  const ground = find(oil)?.name ?? oil
  return `${about(parts)} ${unitName('part', parts)} ${name ? `${name}: ` : ''}${listed(colours)} in ${ground}`
}

/** A recipe line by line, as it was written: "60 ml Linseed oil, raw". */
export function recipeWords(
  recipe: NonNullable<NonNullable<LayerDocument['painted']>['used']>['recipe'],
  find: FindMaterial,
  mediumName: (id: string) => string,
): string {
  return recipe.lines
    .map((line) => {
      const what = 'material' in line ? (find(line.material)?.name ?? line.material) : mediumName(line.medium)
      return `${about(line.amount, 3)} ${unitName(line.unit, line.amount)} ${what}`
    })
    .join(', ')
}

/** Everything in a layer, part by part; nothing of one that only takes off. */
export function layerWords(layer: LayerDocument, picture: Picture, live: FindMaterial): readonly string[] {
  const find = findOn(layer, live)
  const { paints, medium, thinner, besides } = brushOf(layer)
  const mediumName = (id: string): string => picture.mediums.find((one) => one.id === id)?.name ?? id
  const used = layer.painted?.used ?? picture.mediums.find(({ id }) => id === medium?.mediumId) ?? null
  return [
    ...paints.filter(({ parts }) => parts > 0).map((paint) => paintWords(paint, find)),
    ...(medium && used
      ? [
          `${about(medium.parts)} ${unitName('part', medium.parts)} medium, ${used.name}: ${recipeWords(used.recipe, find, mediumName)}`,
        ]
      : []),
    ...besides.map(
      ({ material, parts }) =>
        `${about(parts)} ${unitName('part', parts)} ${find(material)?.name ?? material}`,
    ),
    ...(thinner
      ? [
          `${about(thinner.parts)} ${unitName('part', thinner.parts)} ${find(thinner.material)?.name ?? thinner.material}, as thinner`,
        ]
      : []),
  ]
}
