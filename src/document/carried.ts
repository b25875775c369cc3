import { brushSizes } from '../core/palette/carryOver.ts'
import type { BrushSize } from '../core/palette/carryOver.ts'
import { ofVolume } from '../core/film/paint.ts'
import type { FindMaterial } from '../core/materials/find.ts'
import type { Ingredient } from '../core/medium/medium.ts'
import type { Brush } from './brush.ts'
import type { HeapDocument } from './palette.ts'

/* What brushes bring into paint besides what was meant: cleaning oil or spirit, and paint that was left in them. */

/** So many parts of each material; of a heap, ml. */
export type Carried = Brush['carried']

/** What a dip brings, ml, where the painter has weighed it. */
export type OwnDips = Readonly<Partial<Record<BrushSize, number>>>

/** What a dip of such a brush brings, ml: as weighed, else the estimate. */
export const dipMlOf = (brush: BrushSize, own: OwnDips): number => own[brush] ?? brushSizes[brush]

/** What dips and leftovers bring into a heap, ml of each. */
export function carriedInto(
  { dips, stray }: Pick<HeapDocument, 'dips' | 'stray'>,
  own: OwnDips,
  findMaterial: FindMaterial,
): Carried {
  const pigment = stray && findMaterial(stray.pigment)
  return [
    ...(dips && dips.count > 0
      ? [{ material: dips.liquid, parts: dips.count * dipMlOf(dips.brush, own) }]
      : []),
    ...(pigment && stray.g > 0 ? [{ material: pigment.id, parts: stray.g / pigment.densityGPerMl.mid }] : []),
  ].map(rounded)
}

/** The same materials once, from several heaps. */
export function carriedTogether(lists: readonly Carried[]): Carried {
  const byMaterial = new Map<string, number>()
  for (const { material, parts } of lists.flat())
    byMaterial.set(material, (byMaterial.get(material) ?? 0) + parts)
  return [...byMaterial].map(([material, parts]) => rounded({ material, parts }))
}

/** Weighed out; what is on no shelf is left out. */
export const carriedPortions = (carried: Carried, findMaterial: FindMaterial): readonly Ingredient[] =>
  carried.flatMap(({ material: id, parts }) => {
    const material = findMaterial(id)
    return material ? [ofVolume(material, parts)] : []
  })

const rounded = ({ material, parts }: Carried[number]): Carried[number] => ({
  material,
  parts: Number(parts.toPrecision(4)),
})
