import { exposures } from './exposures.ts'
import { airOverDay } from './vapour.ts'
import type { AiredRoom } from './vapour.ts'

/** How the face at the easel stands to the room's mean (science.md §10): 3 to 10 times. */
export const atTheEasel = { low: 3, high: 10 } as const

/** How often an hour the air changes: as windows stand, an estimate. */
export const airings = { closed: 0.3, crack: 1, windows: 4 } as const

/** What it takes to keep the room below a limit of the painter's own. */
export interface WithinLimit {
  /** Least changes of air an hour; null: no airing would do. */
  readonly airChanges: number | null
  /** Or so much of what is used, 0..1. */
  readonly share: number
}

const mostChanges = 1e4

/** Null where the highest moment stays below it anyway. */
export function withinOwnLimit(room: AiredRoom, limitMgPerM3: number): WithinLimit | null {
  const peakAt = (airChangesPerHour: number): number => airOverDay({ ...room, airChangesPerHour }).peakMgPerM3
  const peak = peakAt(room.airChangesPerHour)
  if (peak <= limitMgPerM3) return null
  let [low, high] = [room.airChangesPerHour, mostChanges]
  if (peakAt(high) > limitMgPerM3) return { airChanges: null, share: limitMgPerM3 / peak }
  for (let round = 0; round < 40; round++) {
    const middle = (low + high) / 2
    if (peakAt(middle) <= limitMgPerM3) high = middle
    else low = middle
  }
  return { airChanges: high, share: limitMgPerM3 / peak }
}

/** What is given off by a material that is no solvent itself is taken for this one: its maker seldom says. */
export const carrierUntold = 'white_spirit_aromatic'

/** The exposure that stands for a material's own vapour. */
export const exposureIdOf = (kind: string): string => (Object.hasOwn(exposures, kind) ? kind : carrierUntold)
