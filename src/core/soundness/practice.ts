import type { Cap } from '../medium/dose.ts'

/** A school's own thresholds. Everything a rule compares with stands here, so that it can be read and changed. */

export interface Limit {
  readonly watch: number
  readonly unsound: number
}

export interface Practice {
  readonly id: string
  readonly name: string
  readonly summary: string
  /** How much of an alkyd counts as fat. */
  readonly alkydWeight: number
  /** What the layer below must have reached before the next: an oil layer, and one whose binder is mostly alkyd. */
  readonly gate: { readonly oil: 'touch' | 'firm'; readonly alkyd: 'touch' | 'firm' }
  /** Leanness up by more than this, and oil content down by more than that, from a layer to one above it. */
  readonly fatStep: { readonly leanness: number; readonly oilContent: number }
  /** Rate of the upper layer over the lower. */
  readonly rateRatio: Limit
  /** The lower thicker than the upper by this ratio, and over this, µm. */
  readonly thickUnderThin: { readonly ratio: number; readonly overUm: number }
  /** Chance that the gate is reached; below. */
  readonly gateChance: Limit
  /** Binder ratio after drinking; below. */
  readonly binderRatio: Limit
  /** Of the organic binder by mass. */
  readonly resin: Limit
  readonly wax: Limit
  readonly resinAndWax: Limit
  readonly waxOnFlexible: Limit
  /** Medium in the mix by volume. */
  readonly medium: Limit
}

const common = {
  alkydWeight: 0.5,
  fatStep: { leanness: 0.1, oilContent: 0.03 },
  rateRatio: { watch: 1.4, unsound: 1.8 },
  thickUnderThin: { ratio: 3, overUm: 100 },
  gateChance: { watch: 0.8, unsound: 0.5 },
  binderRatio: { watch: 1.05, unsound: 0.9 },
  resin: { watch: 0.1, unsound: 0.2 },
  wax: { watch: 0.1, unsound: 0.2 },
  resinAndWax: { watch: 0.15, unsound: 0.3 },
  waxOnFlexible: { watch: 0.05, unsound: 0.15 },
  medium: { watch: 0.25, unsound: 0.5 },
} as const

export const practices: readonly Practice[] = [
  {
    ...common,
    id: 'oil-led',
    name: 'Oil-led',
    summary: 'The same medium throughout, a little more of it in each layer; solvent only in the first.',
    alkydWeight: 1,
    gate: { oil: 'touch', alkyd: 'touch' },
  },
  {
    ...common,
    id: 'glazing',
    name: 'Glazing',
    medium: { watch: 0.5, unsound: 0.8 },
    summary:
      'An opaque, light-keyed underpainting; transparent glazes, each a touch fatter, each dry before the next.',
    gate: { oil: 'firm', alkyd: 'touch' },
  },
]

/** What is judged where no practice is named: the same limits; the practice's own choices then only make notes. */
export const defaultPractice: Practice = { ...practices[0]!, alkydWeight: 0.5 }

export const practiceOf = (id: string): Practice | undefined =>
  practices.find((practice) => practice.id === id)

/** The practice's limits on resin, wax and their sum, where each begins to be watched; of the organic binder by mass. */
export const practiceCaps = (
  { resin, wax, resinAndWax, waxOnFlexible }: Practice,
  onCloth = false,
): readonly Cap[] => [
  { what: 'resin', of: 'binder-mass', most: resin.watch },
  { what: 'wax', of: 'binder-mass', most: (onCloth ? waxOnFlexible : wax).watch },
  { what: 'solubles', of: 'binder-mass', most: resinAndWax.watch },
]
