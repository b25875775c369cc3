import { volumeOf } from '../medium/amount.ts'
import { leannessOf, mixOfPortions } from '../film/film.ts'
import type { Mix } from '../film/film.ts'
import { ofVolume } from '../film/paint.ts'
import type { Material } from '../materials/material.ts'

/** What a brush brings back from the jar it was rinsed in, ml a dip; an estimate until ten dips are weighed. */
export const brushSizes = { small: 0.05, middle: 0.15, large: 0.4 } as const
export type BrushSize = keyof typeof brushSizes
export const brushNames = Object.keys(brushSizes) as [BrushSize, ...BrushSize[]]

/** Used more often than this since it was changed, a cleaning jar gives pigment back. */
const cleanUses = 2

/** Whether a cleaning jar brings paint into a glaze with its liquid (reckonings.md, Brush carry-over: rinse counts). */
export const givesPigmentBack = (uses: number): boolean => uses > cleanUses

/** Cleaning liquid carried into a heap. */
export interface Carried {
  readonly liquid: Material
  readonly dips: number
  readonly mlEach: number
}

/** What the dips did: `dry` is null where nothing of the liquid stays. */
export interface CarryOver {
  readonly ml: number
  /** Of the wet heap with it, by volume. */
  readonly share: number
  readonly wetVolatile: readonly [before: number, after: number]
  readonly leanness: readonly [before: number | null, after: number | null]
  readonly oilContent: readonly [before: number, after: number]
  readonly staysInFilm: boolean
  readonly says: 'nothing' | 'note' | 'watch'
}

const thinnedFrom = 0.1
const fatterFrom = { note: 0.1, watch: 0.2 } as const

/**
 * The heap with what the brush carried into it (reckonings.md, Brush carry-over): of what flies off only the wet mix
 * knows, oil makes the dried film fatter. `firstLayer`: thinning is no fault there.
 */
export function carryOver(
  mix: Mix,
  { liquid, dips, mlEach }: Carried,
  { firstLayer = false, alkydWeight }: { readonly firstLayer?: boolean; readonly alkydWeight?: number } = {},
): CarryOver {
  const ml = dips * mlEach
  const heapMl = volumeOf(mix.all)
  const added = mixOfPortions(
    { paint: mix.all, medium: [ofVolume(liquid, ml)], thinner: [] },
    mix.film.wetThicknessUm,
  )
  const after = added.ok ? added.mix.film : mix.film
  const [lean, leanAfter] = [mix.film, after].map(({ perDryVolume }) => leannessOf(perDryVolume, alkydWeight))
  const share = ml / (heapMl + ml)
  const staysInFilm = after.perDryVolume.binder !== mix.film.perDryVolume.binder
  const fatter = (lean ?? 0) - (leanAfter ?? 0)
  return {
    ml,
    share,
    wetVolatile: [mix.film.mix.volatile, after.mix.volatile],
    leanness: [lean!, leanAfter!],
    oilContent: [mix.film.oilContent, after.oilContent],
    staysInFilm,
    says: staysInFilm ? saysOf(fatter) : share >= thinnedFrom && !firstLayer ? 'watch' : 'nothing',
  }
}

const slack = 1e-9
const saysOf = (fatter: number): CarryOver['says'] =>
  fatter >= fatterFrom.watch - slack ? 'watch' : fatter >= fatterFrom.note - slack ? 'note' : 'nothing'
