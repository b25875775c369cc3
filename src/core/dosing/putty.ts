import type { Material } from '../materials/material.ts'
import { demandOf } from '../materials/demand.ts'

/** A filler and an oil worked to a wanted fatness. */
export interface Putty {
  readonly oilMl: number
  readonly oilG: number
  /** Oil that would just fill the gaps between the grains, g. */
  readonly leastOilG: number
  readonly pvc: number
  readonly cpvc: number
}

/**
 * Oil for a filler at a wanted load Λ = PVC/CPVC (1: just bound; 0.6: a soft putty). The filler's CPVC is
 * 1/(1 + d), its demand d = oil absorption × density / 93.5. Null for gelling fillers, whose oil absorption means nothing.
 */
export function puttyOf(filler: Material, fillerG: number, oil: Material, load: number): Putty | null {
  const demand = demandOf(filler)
  if (!(demand > 0) || !(load > 0)) return null
  const fillerMl = fillerG / filler.densityGPerMl.mid
  const cpvc = 1 / (1 + demand)
  const pvc = load * cpvc
  const oilMl = fillerMl * (1 / pvc - 1)
  return {
    oilMl,
    oilG: oilMl * oil.densityGPerMl.mid,
    leastOilG: (fillerG * filler.oilAbsorption!.mid) / 100,
    pvc,
    cpvc,
  }
}

/**
 * How much to add of something that holds the share `additive` (1 for oil) so that M at share `present` comes to
 * `target`: x = M (t - p)/(a - t). Null where adding it cannot get there.
 */
export function addingTo(mass: number, present: number, target: number, additive = 1): number | null {
  const add = (mass * (target - present)) / (additive - target)
  return add >= 0 && Number.isFinite(add) ? add : null
}
