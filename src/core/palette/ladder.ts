import { massOf } from '../medium/amount.ts'
import { addingTo } from '../dosing/putty.ts'
import type { Ingredient } from '../medium/medium.ts'

/** A climb of oil over several layers. Shares are of oil, by mass. */
export interface Climb {
  readonly heapG: number
  readonly fromShare: number
  readonly toShare: number
  readonly layers: number
  /** Oil in what is added; 1 for oil itself. */
  readonly additiveShare?: number
  /** The most that may be added, of the mix by mass: the climb stops short there. */
  readonly mostOfMix?: number
}

export interface Rung {
  readonly targetShare: number
  readonly addG: number
}

/**
 * What to add to a heap in each layer so that its oil climbs evenly (reckonings.md, Oil ladder: x = M (t - p)/(a - t)).
 * Where the most that may be added is met before, it climbs evenly to there. Null unless from <= to < what is added.
 */
export function oilLadder(climb: Climb): readonly Rung[] | null {
  const { heapG, fromShare, layers, additiveShare = 1, mostOfMix = 1 } = climb
  if (!(fromShare <= climb.toShare && climb.toShare < additiveShare)) return null
  const reach = fromShare + mostOfMix * (additiveShare - fromShare)
  const toShare = Math.min(climb.toShare, reach)
  return Array.from({ length: layers }, (_, at) => {
    const targetShare = layers === 1 ? toShare : fromShare + ((toShare - fromShare) * at) / (layers - 1)
    return { targetShare, addG: addingTo(heapG, fromShare, targetShare, additiveShare)! }
  })
}

/** Oil and alkyd of it by mass; 0 of nothing. */
export function oilShareOf(all: readonly Ingredient[]): number {
  const mass = massOf(all)
  const fat = all.reduce(
    (sum, { material: { shares }, massG }) => sum + massG * ((shares.oil ?? 0) + (shares.alkyd ?? 0)),
    0,
  )
  return mass > 0 ? fat / mass : 0
}
