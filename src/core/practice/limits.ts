/**
 * Every limit a rule compares with, once. The schema of a practice, the form a painter changes it in and the rules are all
 * derived from this table, so that a number stands nowhere else.
 */
export interface LimitRow<Level extends string = string> {
  /** What is limited, and of what it is a share. */
  readonly label: string
  /** How it is shown; a share is kept as a fraction and shown in percent. */
  readonly unit: '%' | 'points' | 'µm' | '×' | 'days' | ''
  /** Where it speaks: above the limit, from it on, or below it. */
  readonly side: 'over' | 'from' | 'below'
  /** By level: `watch` and `unsound`, or the one value there is. */
  readonly default: Readonly<Record<Level, number>>
  /** What a painter may set. */
  readonly bounds: readonly [low: number, high: number]
  /** Where the number comes from. */
  readonly source: 'taught' | 'model' | 'judgement'
}

/** What a stored value is multiplied by to be shown: a share is shown in percent. */
export const shownScale = ({ unit }: Pick<LimitRow, 'unit'>): number =>
  unit === '%' || unit === 'points' ? 100 : 1

const row = <Level extends string>(limit: LimitRow<Level>): LimitRow<Level> => limit
const share = [0, 1] as const

export const limitTable = {
  mismatch: row({
    label: 'mismatch of movement, of what the upper film tolerates',
    unit: '',
    side: 'from',
    default: { watch: 0.25, unsound: 0.6 },
    bounds: [0.05, 5],
    source: 'model',
  }),
  supportStrain: row({
    label: 'strain by the support, of what the film can stretch',
    unit: '',
    side: 'from',
    default: { watch: 0.3, unsound: 0.6 },
    bounds: [0.05, 5],
    source: 'model',
  }),
  leannessStep: row({
    label: 'step up in leanness from a layer to one above it',
    unit: '',
    side: 'over',
    default: { step: 0.1 },
    bounds: [0, 1],
    source: 'taught',
  }),
  oilStep: row({
    label: 'step down in oil content that must go with it, of the dried film by volume',
    unit: 'points',
    side: 'over',
    default: { step: 0.03 },
    bounds: share,
    source: 'judgement',
  }),
  thinLower: row({
    label: 'lower layer so thin beside the upper that it counts a step less, or not at all',
    unit: '×',
    side: 'below',
    default: { milder: 0.3, silent: 0.1 },
    bounds: share,
    source: 'judgement',
  }),
  rateRatio: row({
    label: 'drying speed of the upper layer over the lower',
    unit: '×',
    side: 'from',
    default: { watch: 1.4 },
    bounds: [1, 10],
    source: 'taught',
  }),
  thickRatio: row({
    label: 'thickness of the lower layer over the upper',
    unit: '×',
    side: 'over',
    default: { watch: 3 },
    bounds: [1, 50],
    source: 'taught',
  }),
  thickFrom: row({
    label: 'thickness from which a lower layer counts as thick, dry',
    unit: 'µm',
    side: 'over',
    default: { watch: 100 },
    bounds: [10, 5000],
    source: 'judgement',
  }),
  gateChance: row({
    label: 'chance that the practice’s gate is reached (unsound: that it is touch dry)',
    unit: '%',
    side: 'below',
    default: { watch: 0.5, unsound: 0.1 },
    bounds: share,
    source: 'judgement',
  }),
  usualInterval: row({
    label: 'usual days from one layer to the next: a white that is not touch dry by then is too slow',
    unit: 'days',
    side: 'over',
    default: { most: 14 },
    bounds: [1, 365],
    source: 'judgement',
  }),
  physicalSet: row({
    label: 'days for an emulsion to lose its water, or a wax paste its spirit, up to 100 µm dry',
    unit: 'days',
    side: 'below',
    default: { watch: 2, unsound: 0.5 },
    bounds: [0, 30],
    source: 'judgement',
  }),
  thinGate: row({
    label: 'a lower layer at most this thick, dry, need only be touch dry',
    unit: 'µm',
    side: 'below',
    default: { touch: 40 },
    bounds: [0, 500],
    source: 'taught',
  }),
  binderRatio: row({
    label: 'binder left over what the powder needs',
    unit: '',
    side: 'below',
    default: { watch: 1.05, unsound: 0.9 },
    bounds: [0.5, 3],
    source: 'model',
  }),
  binderLost: row({
    label: 'binder the layer below drank, from which a surface layer sinks',
    unit: '%',
    side: 'from',
    default: { watch: 0.05 },
    bounds: share,
    source: 'model',
  }),
  resin: row({
    label: 'resin, of the organic binder by mass',
    unit: '%',
    side: 'from',
    default: { watch: 0.1, unsound: 0.2 },
    bounds: share,
    source: 'taught',
  }),
  wax: row({
    label: 'wax, of the organic binder by mass',
    unit: '%',
    side: 'from',
    default: { watch: 0.1, unsound: 0.2 },
    bounds: share,
    source: 'taught',
  }),
  resinAndWax: row({
    label: 'resin and wax together, of the organic binder by mass',
    unit: '%',
    side: 'from',
    default: { watch: 0.15, unsound: 0.3 },
    bounds: share,
    source: 'taught',
  }),
  waxOnFlexible: row({
    label: 'wax on a support that bends, of the organic binder by mass',
    unit: '%',
    side: 'from',
    default: { watch: 0.05, unsound: 0.15 },
    bounds: share,
    source: 'taught',
  }),
  waxFalling: row({
    label: 'wax in a layer, of the organic binder by mass, over which none may lie with less',
    unit: '%',
    side: 'over',
    default: { unsound: 0.2 },
    bounds: share,
    source: 'taught',
  }),
  medium: row({
    label: 'medium without its solvent and powder, of the mix without solvent by volume',
    unit: '%',
    side: 'over',
    default: { watch: 0.25, unsound: 0.5 },
    bounds: share,
    source: 'taught',
  }),
  mediumInGlaze: row({
    label: 'the same in a glaze',
    unit: '%',
    side: 'over',
    default: { watch: 0.6, unsound: 0.8 },
    bounds: share,
    source: 'taught',
  }),
  nonDrying: row({
    label: 'oil that never dries, of the oil and alkyd by volume',
    unit: '%',
    side: 'from',
    default: { watch: 0.02, unsound: 0.1 },
    bounds: share,
    source: 'judgement',
  }),
  waterMixed: row({
    label: 'water in paint of water-mixable oil, of the wet mix by volume',
    unit: '%',
    side: 'over',
    default: { watch: 0.3, unsound: 0.5 },
    bounds: share,
    source: 'judgement',
  }),
  zinc: row({
    label: 'zinc white under oily paint on a support that bends, of the powder by volume',
    unit: '%',
    side: 'from',
    default: { watch: 0.1, unsound: 0.5 },
    bounds: share,
    source: 'taught',
  }),
  drierLoad: row({
    label: 'driers, of the most advised',
    unit: '×',
    side: 'from',
    default: { watch: 1, unsound: 1.5 },
    bounds: [0.1, 10],
    source: 'taught',
  }),
  drierThick: row({
    label: 'thickness over which a drier only makes a skin, dry',
    unit: 'µm',
    side: 'over',
    default: { watch: 500 },
    bounds: [50, 5000],
    source: 'model',
  }),
  opaqueInGlaze: row({
    label: 'opaque pigment by its hiding, of a glaze’s mix by mass',
    unit: '%',
    side: 'from',
    default: { watch: 0.01, unsound: 0.05 },
    bounds: share,
    source: 'taught',
  }),
  thinnedHeap: row({
    label: 'solvent and water in a heap, of the wet mix by volume: a sketch, a stain',
    unit: '%',
    side: 'from',
    default: { sketch: 0.15, stain: 0.5 },
    bounds: share,
    source: 'taught',
  }),
  glazeHeap: row({
    label: 'leanness up to which a heap that is not thinned handles as a glaze',
    unit: '',
    side: 'below',
    default: { glaze: 0.45 },
    bounds: [0, 2],
    source: 'taught',
  }),
  wrinkling: row({
    label: 'free oil that dries from the top, as µm of clear oil',
    unit: 'µm',
    side: 'from',
    default: { watch: 120, unsound: 200 },
    bounds: [10, 2000],
    source: 'model',
  }),
  solventBite: row({
    label: 'bite of a layer’s solvent into what lies under it',
    unit: '',
    side: 'from',
    default: { watch: 0.25, unsound: 0.5 },
    bounds: [0.05, 5],
    source: 'model',
  }),
  halo: row({
    label: 'oil soaking past the edge of a painted part into a thirsty waterborne layer',
    unit: 'µm',
    side: 'from',
    default: { watch: 3, unsound: 15 },
    bounds: [0.5, 100],
    source: 'model',
  }),
  oilOutLeft: row({
    label: 'oil left from oiling out: silent once covered, joined when painted into, a fault',
    unit: 'µm',
    side: 'over',
    default: { silent: 3, joins: 8, unsound: 20 },
    bounds: [0.5, 100],
    source: 'judgement',
  }),
  slick: row({
    label: 'binder left over what the powder needs, from which a dried layer sheds the next',
    unit: '',
    side: 'from',
    default: { rich: 1.6, glossy: 1.35 },
    bounds: [1, 5],
    source: 'judgement',
  }),
  slickAlkyd: row({
    label: 'alkyd from which a dried layer sheds the next, of the binder by volume',
    unit: '%',
    side: 'from',
    default: { watch: 0.3 },
    bounds: share,
    source: 'judgement',
  }),
  slickWax: row({
    label: 'wax from which a dried layer sheds the next, of the organic binder by mass',
    unit: '%',
    side: 'from',
    default: { watch: 0.03, unsound: 0.05 },
    bounds: share,
    source: 'judgement',
  }),
  agedDays: row({
    label: 'age of a layer from which the next may crawl on it, no longer takes, does not take unprepared',
    unit: 'days',
    side: 'from',
    default: { crawls: 60, watch: 180, unsound: 365 },
    bounds: [1, 3650],
    source: 'judgement',
  }),
  varnishChance: row({
    label: 'chance that every layer is ready for its varnish',
    unit: '%',
    side: 'below',
    default: { watch: 0.8, unsound: 0.5 },
    bounds: share,
    source: 'judgement',
  }),
  unremovable: row({
    label: 'oil and alkyd in a varnish, of the dried binder by volume',
    unit: '%',
    side: 'from',
    default: { unsound: 0.1 },
    bounds: share,
    source: 'taught',
  }),
} as const

type Table = typeof limitTable
export type LimitKey = keyof Table
export type LevelOf<Key extends LimitKey> = keyof Table[Key]['default'] & string
/** A value for every level of every limit, in the table's own units (shares as fractions). */
export type Limits = { readonly [Key in LimitKey]: { readonly [Level in LevelOf<Key>]: number } }
/** A limit with two levels. */
export interface Limit {
  readonly watch: number
  readonly unsound: number
}

export const limitKeys = Object.keys(limitTable) as readonly LimitKey[]

export const defaultLimits = Object.fromEntries(
  limitKeys.map((key) => [key, limitTable[key].default]),
) as unknown as Limits

/** Values written by hand and values reckoned differ in the last digits; limits are compared with this much slack. */
const slack = 1e-9

/** How a value stands against a limit of two levels; null: within it. */
export function levelOf(key: LimitKey, limit: Limit, value: number): 'watch' | 'unsound' | null {
  const { side } = limitTable[key]
  const speaks = (at: number): boolean =>
    side === 'over' ? value > at + slack : side === 'from' ? value >= at - slack : value < at - slack
  return speaks(limit.unsound) ? 'unsound' : speaks(limit.watch) ? 'watch' : null
}
