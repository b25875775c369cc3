/** Drops counted into a scale: how many, and what they weighed, g. */
export interface DropCount {
  readonly drops: number
  readonly grams: number
}

export interface CalibratedDrop {
  readonly gramsEach: number
  /** Largest departure of one weighing from the mean, as a share of it; null after a single weighing. */
  readonly spread: number | null
}

/** What one drop of a calibrated dropper weighs: all drops over all grams. Null until something was counted. */
export function dropOf(counts: readonly DropCount[]): CalibratedDrop | null {
  const drops = counts.reduce((sum, count) => sum + count.drops, 0)
  if (drops === 0) return null
  const gramsEach = counts.reduce((sum, { grams }) => sum + grams, 0) / drops
  const off = counts.map(({ drops: n, grams }) => Math.abs(grams / n / gramsEach - 1))
  return { gramsEach, spread: counts.length > 1 ? Math.max(...off) : null }
}
