/** Where a number comes from. */
export const sourceKinds = [
  'practitioner',
  'literature',
  'supplier',
  'own-test',
  'model',
  'judgement',
] as const
export type SourceKind = (typeof sourceKinds)[number]

/** What a limit is, how it is shown, and what it is unless a practice says otherwise. */
export interface LimitRow<Level extends string = string> {
  /** What is limited, and of what it is a share. */
  readonly label: string
  /** How it is shown; a share is kept as a fraction and shown in percent. */
  readonly unit: '%' | 'points' | 'µm' | '×' | 'days' | '% RH' | 'points RH' | '°C' | ''
  /** Where it speaks: above the limit, from it on, below it, or up to it. */
  readonly side: 'over' | 'from' | 'below' | 'up to'
  /** By level: `watch` and `unsound`, or the one value there is. */
  readonly default: Readonly<Record<Level, number>>
  /** What a painter may set. */
  readonly bounds: readonly [low: number, high: number]
  readonly source: SourceKind
}

/** What a stored value is multiplied by to be shown: a share is shown in percent. */
export const shownScale = ({ unit }: Pick<LimitRow, 'unit'>): number =>
  unit === '%' || unit === 'points' ? 100 : 1

export const row = <Level extends string>(limit: LimitRow<Level>): LimitRow<Level> => limit

/** Bounds of a share. */
export const share = [0, 1] as const
