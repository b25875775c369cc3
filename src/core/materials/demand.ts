import type { Material } from './material.ts'

/**
 * Oil one volume of powder just needs, ml per ml: d = oil absorption × density / 93.5.
 * A powder whose oil absorption is not known needs none.
 */
export const demandOf = (powder: Material): number =>
  ((powder.oilAbsorption?.mid ?? 0) * powder.densityGPerMl.mid) / 93.5
