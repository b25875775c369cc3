import { brushSizes } from '../../core/palette/carryOver.ts'
import type { BrushSize } from '../../core/palette/carryOver.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import type { Brush } from '../brush.ts'
import type { HeapDocument, PaletteDocument } from '../palette.ts'

/* What is in paint besides medium and thinner: stirred into one heap alone, or brought in by brushes. */

/** So many parts of each material; of a heap, ml. */
export type Besides = Brush['besides']

/** What a dip brings, ml, where the painter has weighed it. */
export type OwnDips = Readonly<Partial<Record<BrushSize, number>>>

/** What a dip of such a brush brings, ml: as weighed, else the estimate. */
export const dipMlOf = (brush: BrushSize, own: OwnDips): number => own[brush] ?? brushSizes[brush]

/** What was added to a heap, and what dips and leftovers bring into it, ml of each. */
export function besidesOf(
  { added, dips, stray }: Pick<HeapDocument, 'added' | 'dips' | 'stray'>,
  own: OwnDips,
  findMaterial: FindMaterial,
): Besides {
  const pigment = stray && findMaterial(stray.pigment)
  const brought = [
    ...(dips && dips.count > 0
      ? [{ material: dips.liquid, parts: dips.count * dipMlOf(dips.brush, own) }]
      : []),
    ...(pigment && stray.g > 0 ? [{ material: pigment.id, parts: stray.g / pigment.densityGPerMl.mid }] : []),
  ]
  return besidesTogether([added, brought])
}

/** The same materials once, from several heaps. */
export function besidesTogether(lists: readonly Besides[]): Besides {
  const byMaterial = new Map<string, number>()
  for (const { material, parts } of lists.flat())
    byMaterial.set(material, (byMaterial.get(material) ?? 0) + parts)
  return [...byMaterial].map(([material, parts]) => rounded({ material, parts }))
}

/** What gets into a heap besides what was meant for all of them. */
export type PutIn = Partial<Pick<HeapDocument, 'added' | 'dips' | 'stray'>>

/**
 * A palette with something more in one of its heaps. A heap that is mixed already has it on record, and `besides` is what
 * then goes on with the layer; null: nothing does yet.
 */
export function withPutIn(
  palette: PaletteDocument,
  heapId: string,
  more: PutIn,
  ofHeap: (heap: HeapDocument) => Besides,
): { readonly palette: PaletteDocument; readonly besides: Besides | null } {
  const heaps = palette.heaps.map((heap) => {
    if (heap.id !== heapId) return heap
    const now = { ...heap, ...more }
    return { ...now, mixed: now.mixed && { ...now.mixed, besides: ofHeap(now) } }
  })
  const goesOn = heaps.some(({ id, mixed }) => id === heapId && mixed)
  return {
    palette: { ...palette, heaps },
    besides: goesOn ? besidesTogether(heaps.map(({ mixed }) => mixed?.besides ?? [])) : null,
  }
}

const rounded = ({ material, parts }: Besides[number]): Besides[number] => ({
  material,
  parts: Number(parts.toPrecision(4)),
})
