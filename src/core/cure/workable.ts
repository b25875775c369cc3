/** A film can be worked into for this share of its touch time (reckonings.md, Open time). */
export const openShare = 0.15

/** Oil rubbed on is workable no longer than this, days. */
const longestWindow = 0.25

/** So long a clear film can be painted into, days: 0.15 of its touch time, six hours at most (reckonings.md, Oil-out). */
export const windowDays = (touchDays: number | null): number =>
  Math.min(longestWindow, openShare * (touchDays ?? Infinity))

/** After this nothing is painted wet into wet, however slow the paint, days. */
const longestWetInWet = 1

/**
 * So long a film of paint is open to the next one, days: 0.15 of its touch time, one day at most (science.md §6, wet in wet:
 * one film).
 */
export const wetInWetDays = (touchDays: number | null): number =>
  Math.min(longestWetInWet, openShare * (touchDays ?? Infinity))
