/** What a set of brushes is kept for (C98). */
export const brushVehicles = ['oil', 'waterborne', 'egg', 'varnish'] as const
export type BrushVehicle = (typeof brushVehicles)[number]

export const vehicleNames: Readonly<Record<BrushVehicle, string>> = {
  oil: 'oil',
  waterborne: 'acrylic, gouache, casein',
  egg: 'egg and emulsion',
  varnish: 'varnish',
}

/** What of a layer says which brushes it takes. */
export interface BrushedFilm {
  readonly isWaterborne: boolean
  readonly hasEgg: boolean
  readonly isVarnish: boolean
}

export const vehicleOf = ({ isWaterborne, hasEgg, isVarnish }: BrushedFilm): BrushVehicle =>
  isVarnish ? 'varnish' : hasEgg ? 'egg' : isWaterborne ? 'waterborne' : 'oil'

const because: Readonly<Record<BrushVehicle, string>> = {
  oil: 'oil left in them makes water paint crawl, and lifts in specks',
  waterborne: 'damp in them makes oil paint spot and lose its hold',
  egg: 'egg dries in their roots, and its damp spots the next paint',
  varnish: 'a varnish brush that saw paint is a paint brush from then on',
}

/** Why brushes of one vehicle are not used for another; null: they may be. */
export const brushClash = (set: BrushVehicle, film: BrushVehicle): string | null =>
  set === film ? null : because[set]
