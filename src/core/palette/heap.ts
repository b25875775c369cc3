import { fatnessAt, leannessOf, mixOfPortions, paintPortions, toVolume } from '../film/film.ts'
import type { Mix, Mixture } from '../film/film.ts'
import { ofVolume } from '../film/paint.ts'
import type { FindMaterial } from '../materials/find.ts'
import { demandOf } from '../materials/demand.ts'
import { classMlPerGram } from '../materials/material.ts'
import type { Material } from '../materials/material.ts'
import { onPaintOf } from '../medium/basis.ts'
import { massOf, volumeOf } from '../medium/amount.ts'
import type { Ingredient } from '../medium/medium.ts'

/** A mixture of tubes of so many ml or g; parts are true volumes. */
export interface Heap {
  readonly paints: Mixture['paints']
  readonly amount: { readonly ml: number } | { readonly g: number }
}

/** How the doses are found: so much medium on the paint, or every heap equally fat (fatness = 1/leanness). */
export type DoseBy = { readonly proportion: number } | { readonly fatness: number }

/** What is stirred into every heap, and how. */
export interface Conditioning {
  /** The medium, in any quantity; none: thinner alone. */
  readonly medium: readonly Ingredient[]
  readonly by: DoseBy
  readonly thinner?: Material
  /** Thinner of the wet mix by volume, 0 to below 1. */
  readonly thinnerShare?: number
  /** How much of an alkyd counts as fat. */
  readonly alkydWeight?: number
}

/** Why a heap gets no medium though a fatness is asked: it is there already, or this medium cannot bring it there. */
export type NoDose = 'already-fatter' | 'cannot'

/** A heap with what goes into it. */
export interface DosedHeap {
  readonly ml: number
  /** Its paint alone, as it comes from the tubes. */
  readonly paint: readonly Ingredient[]
  readonly mediumMl: number
  readonly mediumG: number
  readonly thinnerMl: number
  readonly note: NoDose | null
  readonly mix: Mix
  /** Demand over fat, with the alkyd weight asked for. */
  readonly leanness: number | null
  /** The same upside down, as it is told. */
  readonly fatness: number | null
}

export type DosedResult =
  | { readonly ok: true; readonly heap: DosedHeap }
  | { readonly ok: false; readonly message: string; readonly path: readonly (string | number)[] }

/** No film is laid on the palette; nothing told of a heap rests on how thick. */
const anyThicknessUm = 100

/** The paint of a heap, weighed out; fails, saying where, when a material is not on the shelf or there is none of it. */
export function heapPaint({ paints, amount }: Heap, findMaterial: FindMaterial) {
  const found = paintPortions(paints, findMaterial)
  if (!found.ok) return found
  const volume = volumeOf(found.ingredients)
  if (!(volume > 0))
    return {
      ok: false,
      message: 'There is no paint in this heap. Squeeze some out.',
      path: ['paints'],
    } as const
  const mass = massOf(found.ingredients)
  const ml = 'ml' in amount ? amount.ml : (amount.g / mass) * volume
  return { ok: true, ml, paint: toVolume(found.ingredients, ml) } as const
}

/** How much medium and thinner one heap takes (reckonings.md, Palette). */
export function dosed(heap: Heap, conditioning: Conditioning, findMaterial: FindMaterial): DosedResult {
  const found = heapPaint(heap, findMaterial)
  if (!found.ok) return found
  const { ml, paint } = found
  const { medium, by, thinner, thinnerShare = 0, alkydWeight } = conditioning
  const dose =
    'fatness' in by
      ? toFatness(paint, medium, by.fatness, alkydWeight)
      : { mediumMl: inProportion(heap, ml, medium, by.proportion), note: null }
  const poured = dose.mediumMl > 0 ? toVolume(medium, dose.mediumMl) : []
  const thinnerMl = thinner ? onPaintOf(thinnerShare) * (ml + dose.mediumMl) : 0
  return stirred({ ml, paint, medium: poured, thinner, thinnerMl }, dose.note, alkydWeight)
}

interface Stirred {
  readonly ml: number
  readonly paint: readonly Ingredient[]
  readonly medium: readonly Ingredient[]
  readonly thinner: Material | undefined
  readonly thinnerMl: number
  readonly besides?: readonly Ingredient[]
}

/** What a heap is once so much medium and thinner is in it. */
function stirred(
  { ml, paint, medium, thinner, thinnerMl, besides = [] }: Stirred,
  note: NoDose | null,
  alkydWeight?: number,
): DosedResult {
  const made = mixOfPortions(
    {
      paint,
      medium,
      thinner: [...(thinner && thinnerMl > 0 ? [ofVolume(thinner, thinnerMl)] : []), ...besides],
    },
    anyThicknessUm,
  )
  if (!made.ok) return made
  const leanness = leannessOf(made.mix.film.perDryVolume, alkydWeight)
  return {
    ok: true,
    heap: {
      ml,
      paint,
      mediumMl: volumeOf(medium),
      mediumG: massOf(medium),
      thinnerMl,
      note,
      mix: made.mix,
      leanness,
      fatness: fatnessAt(leanness),
    },
  }
}

/** What really went into a heap: ml poured, and what else is in it. */
export interface StirredIn {
  readonly mediumMl: number
  readonly thinnerMl: number
  readonly besides?: readonly Ingredient[]
}

/** A heap as it comes out with what really went into it. */
export function dosedWith(
  heap: Heap,
  { medium, thinner, alkydWeight }: Conditioning,
  { mediumMl, thinnerMl, besides = [] }: StirredIn,
  findMaterial: FindMaterial,
): DosedResult {
  const found = heapPaint(heap, findMaterial)
  if (!found.ok) return found
  const portion = mediumMl > 0 && medium.length > 0 ? toVolume(medium, mediumMl) : []
  const { ml, paint } = found
  return stirred({ ml, paint, medium: portion, thinner, thinnerMl, besides }, null, alkydWeight)
}

/** By volume for a heap told in ml, by mass for one told in g. */
function inProportion(
  { amount }: Heap,
  heapMl: number,
  medium: readonly Ingredient[],
  proportion: number,
): number {
  if (medium.length === 0) return 0
  if ('ml' in amount) return proportion * heapMl
  const density = massOf(medium) / volumeOf(medium)
  return (proportion * amount.g) / density
}

/** Fat and demand of powder in it, ml; alkyd counted by its weight. */
interface Held {
  readonly fatMl: number
  readonly demandMl: number
}

/** What of it is fat, and what its powder needs: reckoned in one pass, because every heap asks. */
export function heldIn(ingredients: readonly Ingredient[], alkydWeight = 0.5): Held {
  let [fatMl, demandMl] = [0, 0]
  for (const { material, massG } of ingredients) {
    const perGram = classMlPerGram(material)
    fatMl += massG * (perGram.oil + alkydWeight * perGram.alkyd)
    if (material.oilAbsorption) demandMl += massG * (perGram.pigment + perGram.extender) * demandOf(material)
  }
  return { fatMl, demandMl }
}

/** With f fat and d demand: medium = (F d_heap - f_heap)/(f_medium - F d_medium) times its ml. */
function toFatness(
  paint: readonly Ingredient[],
  medium: readonly Ingredient[],
  fatness: number,
  alkydWeight: number | undefined,
): { readonly mediumMl: number; readonly note: NoDose | null } {
  const heap = heldIn(paint, alkydWeight)
  const wanting = fatness * heap.demandMl - heap.fatMl
  if (wanting <= 0) return { mediumMl: 0, note: 'already-fatter' }
  const poured = heldIn(medium, alkydWeight)
  const brought = poured.fatMl - fatness * poured.demandMl
  if (!(brought > 0)) return { mediumMl: 0, note: 'cannot' }
  return { mediumMl: (volumeOf(medium) * wanting) / brought, note: null }
}

/** How fat heaps are all together: their fat over what their powders need; null without a powder that needs any. */
export function fatnessTogether(
  heaps: readonly Pick<DosedHeap, 'mix'>[],
  alkydWeight?: number,
): number | null {
  const { fatMl, demandMl } = heldIn(
    heaps.flatMap(({ mix }) => mix.all),
    alkydWeight,
  )
  return demandMl > 0 ? fatMl / demandMl : null
}
