import { leastChanges, peakOf } from './vapour.ts'
import type { AiredRoom } from './vapour.ts'

/** What it takes to keep the room below a limit of the painter's own. */
export interface WithinLimit {
  /** Least changes of air an hour, all day; null: no airing would do. */
  readonly airChanges: number | null
  /** Or so much of what is used, 0..1. */
  readonly share: number
}

/** Null where the highest moment stays below it anyway. */
export function withinOwnLimit(room: AiredRoom, limitMgPerM3: number): WithinLimit | null {
  const peak = peakOf(room)
  if (peak <= limitMgPerM3) return null
  const airChanges = leastChanges((changes) => peakOf(room, changes), limitMgPerM3)
  return { airChanges, share: limitMgPerM3 / peak }
}
