import { stateNames } from '../cure/states.ts'
import { about } from '../words.ts'
import { shownScale } from './limitRow.ts'
import type { LimitRow } from './limitRow.ts'
import { limitKeys, limitTable } from './limits.ts'
import type { LimitKey } from './limits.ts'
import { fatMeasures } from './measures.ts'
import type { FatMeasure } from './measures.ts'
import type { Practice } from './practice.ts'
import { measureNames, oilingOutNames, varnishNames, weightNames } from './words.ts'

/** What two practices have otherwise: a limit, a measure of fat, or a choice. */
export type Subject =
  | LimitKey
  | `fat ${FatMeasure}`
  | 'gate'
  | 'alkyd weight'
  | 'alkyd'
  | 'thinner'
  | 'paste'
  | 'oiling out'
  | 'varnish'

export interface Difference {
  readonly subject: Subject
  readonly what: string
  readonly first: string
  readonly second: string
}

/** One choice of a practice in words. */
type Told = (practice: Practice) => string

const choices: readonly (readonly [Subject, string, Told])[] = [
  ...fatMeasures.map(
    (measure) =>
      [
        `fat ${measure}`,
        `fat judged by ${measureNames[measure]}`,
        ({ fat }: Practice) => weightNames[fat[measure]],
      ] as const,
  ),
  [
    'gate',
    'before the next layer',
    ({ gate }) => `oil is ${stateNames[gate.oil]}, alkyd ${stateNames[gate.alkyd]}`,
  ],
  ['alkyd weight', 'of an alkyd counts as fat', ({ alkydWeight }) => `${about(100 * alkydWeight)} %`],
  [
    'alkyd',
    'much alkyd in a later layer is watched',
    ({ alkydWatched }) => (alkydWatched === 'always' ? 'wherever it lies' : 'over what is not firm'),
  ],
  [
    'thinner',
    'counted as thinner',
    ({ thinnerCounts }) =>
      thinnerCounts === 'poured' ? 'what is poured in' : 'all that flies off but water',
  ],
  ['paste', 'wax paste', ({ waxPasteCounts }) => (waxPasteCounts ? 'counts as medium' : 'is no medium')],
  ['oiling out', 'oiling out', ({ oilingOut }) => oilingOutNames[oilingOut].name],
  ['varnish', 'varnish', ({ varnish }) => varnishNames[varnish].name],
]

/** The values of a limit in words: "watch over 25 %, unsound over 50 %". */
export function limitText(key: LimitKey, { limits }: Pick<Practice, 'limits'>): string {
  const row: LimitRow = limitTable[key]
  return Object.entries(limits[key] as Readonly<Record<string, number>>)
    .map(([level, value]) => `${level} ${row.side} ${shownText(row, value)}`)
    .join(', ')
}

/** A value as its limit's table shows it; a share of all never speaks. */
export function shownText(row: LimitRow, value: number): string {
  if (row.unit === '%' && row.side === 'over' && value === 1) return 'none'
  return `${Number((value * shownScale(row)).toPrecision(3))}${row.unit && ` ${row.unit}`}`
}

/** Everything two practices have otherwise, choices first. */
export function differencesBetween(first: Practice, second: Practice): readonly Difference[] {
  const told = (subject: Subject, what: string, text: Told): readonly Difference[] =>
    text(first) === text(second) ? [] : [{ subject, what, first: text(first), second: text(second) }]
  return [
    ...choices.flatMap(([subject, what, text]) => told(subject, what, text)),
    ...limitKeys.flatMap((key) => told(key, limitTable[key].label, (practice) => limitText(key, practice))),
  ]
}
