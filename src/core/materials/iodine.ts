import type { Range } from './material.ts'

/** Iodine value: how much an oil can bind, g iodine per 100 g; the drying classes it is sorted into. */

/** From this value up an oil is called semi-drying, and drying. Textbooks differ; a painter may move them. */
export interface DryingBounds {
  readonly semi: number
  readonly drying: number
}
export const usualBounds: DryingBounds = { semi: 100, drying: 130 }

export const dryingClasses = ['non-drying', 'semi-drying', 'drying'] as const
export type DryingClass = (typeof dryingClasses)[number]

export const dryingClassAt = (iodine: number, { semi, drying }: DryingBounds): DryingClass =>
  iodine >= drying ? 'drying' : iodine >= semi ? 'semi-drying' : 'non-drying'

export interface DryingJudgement {
  readonly iodine: Range
  /** More than one: the range straddles them, and only a test tells. */
  readonly classes: readonly DryingClass[]
}

/** The class of an oil whose iodine value is known as a range; every class the range touches. */
export function dryingOf(iodine: Range, bounds: DryingBounds = usualBounds): DryingJudgement {
  const [first, last] = [iodine.low, iodine.high].map((value) =>
    dryingClasses.indexOf(dryingClassAt(value, bounds)),
  ) as [number, number]
  return { iodine, classes: dryingClasses.slice(first, last + 1) }
}

/** Iodine value of oils mixed by mass, with its range. */
export function mixedIodine(
  parts: readonly { readonly massG: number; readonly iodine: Range }[],
): Range | null {
  const total = parts.reduce((sum, { massG }) => sum + massG, 0)
  if (!(total > 0)) return null
  const mean = (of: keyof Range): number =>
    parts.reduce((sum, { massG, iodine }) => sum + (massG * iodine[of]) / total, 0)
  return { low: mean('low'), mid: mean('mid'), high: mean('high') }
}

/** What 1 % of each acid, as triglyceride, adds to the iodine value (the usual coefficients). */
export const iodinePerPercent = { oleic: 0.86, linoleic: 1.732, linolenic: 2.616 } as const

/** Iodine value from fatty acids, % by mass. It reads conjugated oils (tung, dehydrated castor) too high, bodied ones not at all. */
export const iodineFromAcids = ({
  oleic,
  linoleic,
  linolenic,
}: Readonly<Record<keyof typeof iodinePerPercent, number>>): number =>
  oleic * iodinePerPercent.oleic +
  linoleic * iodinePerPercent.linoleic +
  linolenic * iodinePerPercent.linolenic
