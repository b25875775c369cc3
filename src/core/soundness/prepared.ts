import type { LaidArea, LaidLayer } from './lay.ts'

/** A surface stays prepared so long, days. */
const preparedDays = 2
/** What is left of oil rubbed on and off again, µm. */
const rubbedOffUm = 1

/**
 * Whether what lies under a layer was given a tooth for it, or oiled out and rubbed off, shortly before: told of the layer
 * itself, or done as events of their own.
 */
export function isPrepared({ layers, removals }: LaidArea, lower: LaidLayer, upper: LaidLayer): boolean {
  if (upper.prepared !== null) return true
  const shortlyBefore = (day: number): boolean =>
    day <= upper.appliedDay && upper.appliedDay - day <= preparedDays
  return (
    removals.some(({ how, from, day }) => how === 'sand-wet' && from === lower && shortlyBefore(day)) ||
    layers.some(
      ({ purpose, film, appliedDay, index }) =>
        purpose === 'oil-out' &&
        film.dryThicknessUm <= rubbedOffUm &&
        index > lower.index &&
        shortlyBefore(appliedDay),
    )
  )
}
