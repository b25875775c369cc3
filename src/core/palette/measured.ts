/** What a painter's tools can measure: whole drops below a millilitre, else tenths of one. */
export interface MeasuredDose {
  /** Whole drops, at least one; null: measured in ml. */
  readonly drops: number | null
  readonly ml: number
}

/** Thinner is measured to about a drop, ml. */
const thinnerStepMl = 0.05
export const measuredThinner = (ml: number): number => Math.round(ml / thinnerStepMl) * thinnerStepMl
/** The same, never less than is wanted: to reach something. */
export const measuredAtLeast = (ml: number): number => Math.ceil(ml / thinnerStepMl) * thinnerStepMl

export const dropsBelowMl = 1

/** Whole drops of so many ml each, at least one; null from a millilitre on, of nothing, or where it cannot be dropped. */
export const wholeDrops = (ml: number, dropMl: number | undefined): number | null =>
  dropMl && ml > 0 && ml < dropsBelowMl ? Math.max(1, Math.round(ml / dropMl)) : null

/** A dose as it can be measured (reckonings.md, Palette: to whole drops below 1 ml, never to none, else to 0.1 ml). */
export function measured(ml: number, dropMl: number | undefined): MeasuredDose {
  if (!(ml > 0)) return { drops: null, ml: 0 }
  const drops = wholeDrops(ml, dropMl)
  if (drops !== null) return { drops, ml: drops * dropMl! }
  return { drops: null, ml: Math.max(0.1, Math.round(10 * ml) / 10) }
}
