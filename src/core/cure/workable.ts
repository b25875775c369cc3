/** A film can be worked into for this share of its touch time (reckonings.md, Open time). */
export const openShare = 0.15

/** Oil rubbed on is workable no longer than this, days. */
const longestWindow = 0.25

/** So long a clear film can be painted into, days: 0.15 of its touch time, six hours at most (reckonings.md, Oil-out). */
export const windowDays = (touchDays: number | null): number =>
  Math.min(longestWindow, openShare * (touchDays ?? Infinity))
