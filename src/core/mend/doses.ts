/** Amounts a painter can measure, as parts of paint to one of medium, least medium first. */
const paintPerPart = [40, 20, 10, 6, 4, 3, 2, 1.5, 1]

export interface Dose {
  readonly paintPerPart: number
  readonly parts: number
}

/** Doses over what is in it now, least first. */
export const moreThan = (paint: number, now: number): readonly Dose[] =>
  dosesOf(paint).filter(({ parts }) => parts > now)

/** Doses under what is in it now, most first. */
export const lessThan = (paint: number, now: number): readonly Dose[] =>
  dosesOf(paint)
    .filter(({ parts }) => parts < now)
    .toReversed()

const dosesOf = (paint: number): readonly Dose[] =>
  paintPerPart.map((ratio) => ({ paintPerPart: ratio, parts: rounded(paint / ratio) }))

/** What is left of a thinner, most first. */
export const thinnerShares = [0.75, 0.5, 0.25, 0] as const

/** Times as thick, least change first. */
export const thickerTimes = [1.02, 1.05, 1.1, 1.25, 1.5, 2] as const
export const thinnerTimes = [0.85, 0.7, 0.5, 0.35, 0.25] as const

/** As finely as anyone measures. */
export const rounded = (value: number): number => Number(value.toPrecision(3))
