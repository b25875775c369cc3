import type { StateId } from '../cure/states.ts'
import { kindOf } from '../materials/material.ts'
import type { Material } from '../materials/material.ts'
import type { Purpose } from '../stack/kinds.ts'

/** Resins that dry soft and come off with mild solvent: they may go on earlier (rules.md 12). */
const softResins: readonly string[] = [
  'hydrogenated_hydrocarbon_resin',
  'aldehyde_resin',
  'ketone_resin',
  'acrylic_resin_butyl_methacrylate',
  'hydrocarbon_varnish_25',
  'aldehyde_varnish_25',
  'ketone_varnish_25',
  'butyl_methacrylate_varnish_20',
]

/** What lies under a varnish must have reached before it goes on, and how long nothing may have been painted, days. */
export interface VarnishNeeds {
  readonly state: StateId
  readonly restDays: number
}

/** Spirit bites into a film so waxy, whatever its age: wax of its binder by mass. */
export const waxBarsSpirit = 0.15

/** A temporary varnish goes over what has been touch dry for a week. */
const temporaryRestDays = 7

/** Temporary: touch dry and a week; soft removable resin: ready for it; damar, mastic, wax and all else: cured. */
export function varnishNeeds({
  purpose,
  materials,
}: {
  readonly purpose: Purpose | null
  readonly materials: readonly Material[]
}): VarnishNeeds {
  if (purpose === 'temporary-varnish') return { state: 'touch', restDays: temporaryRestDays }
  const films = materials.filter(({ family }) => family !== 'solvent')
  const isSoft = films.length > 0 && films.every((material) => softResins.includes(kindOf(material)))
  return { state: isSoft ? 'varnishSoft' : 'cured', restDays: 0 }
}
