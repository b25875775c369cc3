import type { Film } from '../film/film.ts'
import { defaultLimits } from '../practice/limits.ts'
import type { Limits } from '../practice/limits.ts'

/** How a heap handles; not what the judge calls a glaze. Thinnest first. */
export const consistencies = ['stain', 'sketch', 'body', 'glaze'] as const
export type Consistency = (typeof consistencies)[number]

export type Bands = Pick<Limits, 'thinnedHeap' | 'glazeHeap'>

/** Its feel under the brush. */
export const feelOf: Readonly<Record<Consistency, string>> = {
  stain: 'runs like ink; sinks and dries matt',
  sketch: 'flows and drags; shows the weave, holds no mark',
  body: 'stands on the knife; keeps the mark of the brush',
  glaze: 'slides and levels; lets the light through',
}

/** What of a heap says how it handles. */
export interface Handling {
  /** Solvent and water of the wet mix by volume. */
  readonly volatile: number
  readonly leanness: number | null
}

/** The band a mix stands in (reckonings.md, Consistency). */
export function consistencyOf(
  { volatile, leanness }: Handling,
  { thinnedHeap, glazeHeap }: Bands = defaultLimits,
): Consistency {
  if (volatile >= thinnedHeap.stain) return 'stain'
  if (volatile >= thinnedHeap.sketch) return 'sketch'
  return leanness !== null && leanness <= glazeHeap.glaze ? 'glaze' : 'body'
}

/** What brings a heap from one consistency to another, ml; a negative amount is to be left out. */
export interface Step {
  readonly thinnerMl: number
  readonly oilMl: number
  /** Paint as it comes from the tubes, of the heap's own colours. */
  readonly paintMl: number
  /** Solvent that comes with the medium stands in the way: take less of that medium, or another. */
  readonly mediumSolvent: boolean
}

/** A heap as far as a step needs it; volumes in ml of the wet mix. */
export interface HeapParts {
  readonly film: Pick<Film, 'mix' | 'perDryVolume'>
  readonly wetMl: number
  readonly thinnerMl: number
  /** Fat as the practice counts alkyd, and demand of powder, ml. */
  readonly fatMl: number
  readonly demandMl: number
  /** The same of a millilitre of the heap's paint as it comes from the tubes. */
  readonly paintFat: number
  readonly paintDemand: number
}

/** A little inside the band asked for, so that rounding does not bring it out again. */
const inside = 1e-9

/**
 * The thinner, oil or paint that brings a heap to another consistency. To a glaze: thinner out, and the oil that brings
 * leanness there. To a stain or a sketch: thinner. Back to body: thinner out, and paint where it is fat as a glaze.
 */
export function stepTo(target: Consistency, heap: HeapParts, bands: Bands = defaultLimits): Step {
  const none = { thinnerMl: 0, oilMl: 0, paintMl: 0, mediumSolvent: false }
  const volatileMl = heap.film.mix.volatile * heap.wetMl
  if (target === 'stain' || target === 'sketch') {
    const wanted = bands.thinnedHeap[target]
    const more = (wanted * heap.wetMl - volatileMl) / (1 - wanted)
    if (more > 0) return { ...none, thinnerMl: more }
    const most = target === 'sketch' ? bands.thinnedHeap.stain : 1
    const less = (volatileMl - most * heap.wetMl) / (1 - most)
    return less > 0 ? { ...none, thinnerMl: -Math.min(less, heap.thinnerMl) } : none
  }
  const staysVolatile = volatileMl - heap.thinnerMl
  const wetMl = heap.wetMl - heap.thinnerMl
  const base = {
    ...none,
    thinnerMl: -heap.thinnerMl,
    mediumSolvent: staysVolatile >= bands.thinnedHeap.sketch * wetMl,
  }
  const glaze = bands.glazeHeap.glaze
  if (target === 'glaze')
    return { ...base, oilMl: Math.max(0, heap.demandMl / (glaze - inside) - heap.fatMl) }
  const short = glaze * heap.fatMl - heap.demandMl
  const perPaint = heap.paintDemand - glaze * heap.paintFat
  return { ...base, paintMl: short >= 0 && perPaint > 0 ? short / perPaint : 0 }
}
