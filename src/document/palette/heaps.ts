import { massOf } from '../../core/medium/amount.ts'
import { dropOf } from '../../core/measure/dropper.ts'
import { heapPaint } from '../../core/palette/heap.ts'
import type { Heap } from '../../core/palette/heap.ts'
import { shortNameOf } from '../../core/materials/find.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { areaCm2Of } from '../picture/area.ts'
import type { SizedPainting } from '../picture/area.ts'
import type { LayerDocument } from '../layer.ts'
import type { HeapDocument, PaletteDocument } from '../palette.ts'
import { asLoosePaint } from '../paints.ts'
import type { Paint } from '../paints.ts'
import type { OwnTube } from '../tube.ts'

/* Read off a palette without its schema: pages look at heaps, and only the studio checks them. */

/** What a squeeze of a heap's first tube weighs, g; null while it is not calibrated. */
export function squeezeG({ paints }: Pick<HeapDocument, 'paints'>, tubes: readonly OwnTube[]): number | null {
  const tube = tubes.find(({ id }) => id === paints[0]?.tube)
  return (tube && dropOf(tube.squeezes)?.gramsEach) ?? null
}

/** A heap as the core reckons with it; squeezes by weight. Null where a squeeze is not calibrated. */
export function heapOf(
  heap: Pick<HeapDocument, 'paints' | 'amount' | 'unit'>,
  tubes: readonly OwnTube[],
): Heap | null {
  const { paints, amount, unit } = heap
  if (unit === 'ml') return { paints, amount: { ml: amount } }
  if (unit === 'g') return { paints, amount: { g: amount } }
  const each = squeezeG(heap, tubes)
  return each === null ? null : { paints, amount: { g: each * amount } }
}

/** The same heap told in another unit; null where that cannot be. */
export function inUnit(
  heap: HeapDocument,
  unit: HeapDocument['unit'],
  tubes: readonly OwnTube[],
  findMaterial: FindMaterial,
): HeapDocument | null {
  const now = heapOf(heap, tubes)
  const paint = now && heapPaint(now, findMaterial)
  if (!paint?.ok) return null
  const massG = massOf(paint.paint)
  const each = squeezeG(heap, tubes)
  const amount = unit === 'ml' ? paint.ml : unit === 'g' ? massG : each && massG / each
  return amount ? { ...heap, unit, amount: Number(amount.toPrecision(3)) } : null
}

/** A heap of a layer whose picture has no size yet holds so much, ml. */
const usualHeapMl = 5
/** No heap is offered smaller than a painter squeezes out, nor larger than a palette bears, ml. */
const heapBounds = [0.5, 60] as const

/** The palette of a layer: as it was laid out, else a heap of each of its paints, as much as its area wants. */
export function paletteOf(
  layer: Pick<
    LayerDocument,
    'id' | 'palette' | 'paints' | 'medium' | 'thinner' | 'besides' | 'wetThicknessUm' | 'areas' | 'event'
  >,
  painting: SizedPainting,
): PaletteDocument {
  if (layer.palette) return layer.palette
  const { paints, medium, thinner } = layer
  const parts = paints.reduce((sum, paint) => sum + paint.parts, 0)
  const besides = layer.besides.reduce((sum, one) => sum + one.parts, 0)
  const wet = parts + (medium?.parts ?? 0) + (thinner?.parts ?? 0) + besides
  const wantedMl = areaCm2Of(painting, layer) * layer.wetThicknessUm * 1e-4 * (wet > 0 ? parts / wet : 1)
  const mlOf = (paint: Paint): number => {
    const ml = wantedMl > 0 ? (wantedMl * paint.parts) / parts : usualHeapMl
    return Number(Math.min(heapBounds[1], Math.max(heapBounds[0], ml)).toPrecision(2))
  }
  return {
    heaps: paints
      .filter((paint) => paint.parts > 0)
      .map((paint, at) => ({
        ...emptyHeap(`${layer.id.slice(0, 56)}-h${at + 1}`, paint),
        amount: mlOf(paint),
      })),
    by: { proportion: parts > 0 && medium ? Number((medium.parts / parts).toPrecision(4)) : 0 },
    thinnerShare: thinner && wet > 0 ? Number((thinner.parts / wet).toPrecision(3)) : 0,
    mediumAgeDays: null,
  }
}

/** A heap of one paint, not mixed yet. */
export const emptyHeap = (id: string, paint: Paint): HeapDocument => ({
  id,
  paints: [{ ...paint, parts: 1 }],
  amount: usualHeapMl,
  unit: 'ml',
  added: [],
  dips: null,
  stray: null,
  mixed: null,
  kept: [],
})

/** What a heap is called: its paints, most first. */
export function heapName({ paints }: Pick<HeapDocument, 'paints'>, findMaterial: FindMaterial): string {
  const named = [...paints].sort((a, b) => b.parts - a.parts).map((paint) => paintName(paint, findMaterial))
  return named.join(' + ')
}

/** A paint by its tube's name, else by its pigments. */
export const paintName = ({ name, pigments }: Paint, findMaterial: FindMaterial): string =>
  name ?? pigments.map(({ pigment }) => shortNameOf(pigment, findMaterial)).join(' + ')

/** A filler worked up in oil, so much of it by volume, as a paint that can be stirred into a heap. */
export function puttyPaint(
  filler: string,
  oil: string,
  fillerShare: number,
  findMaterial: FindMaterial,
): Paint | null {
  const [powder, binder] = [findMaterial(filler), findMaterial(oil)]
  if (!powder || !binder) return null
  const powderG = fillerShare * powder.densityGPerMl.mid
  const oilG = (1 - fillerShare) * binder.densityGPerMl.mid
  return {
    pigments: [{ pigment: filler, share: 1 }],
    oil,
    oilMassPercent: Number(((100 * oilG) / (oilG + powderG)).toPrecision(4)),
    parts: 1,
    name: 'Putty',
  }
}

/** A heap of so many ml with putty stirred into its paint; told in ml from then on. */
export function withPutty(
  { paints }: Pick<HeapDocument, 'paints'>,
  ml: number,
  putty: Paint,
  addMl: number,
): Pick<HeapDocument, 'paints' | 'unit' | 'amount'> {
  const parts = paints.reduce((sum, one) => sum + one.parts, 0)
  return {
    paints: [...paints, { ...putty, parts: Number(((parts * addMl) / ml).toPrecision(3)) }],
    unit: 'ml',
    amount: Number((ml + addMl).toPrecision(3)),
  }
}

/** What heaps of paint come to as the paints of a layer: the same paint once, its parts in ml. */
export function paintsTogether(
  heaps: readonly { readonly paints: readonly Paint[]; readonly ml: number }[],
): Paint[] {
  const byKind = new Map<string, Paint>()
  for (const { paints, ml } of heaps) {
    const total = paints.reduce((sum, { parts }) => sum + parts, 0)
    for (const paint of paints) {
      const { parts, ...kind } = paint
      const key = paint.tube ?? JSON.stringify(asLoosePaint({ ...kind, parts: 1 }))
      const before = byKind.get(key)?.parts ?? 0
      byKind.set(key, { ...paint, parts: before + (ml * parts) / total })
    }
  }
  return [...byKind.values()].map((paint) => ({ ...paint, parts: Number(paint.parts.toPrecision(4)) }))
}
