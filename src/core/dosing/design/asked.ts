import { neverDries } from '../../medium/fat.ts'
import { kindOf } from '../../materials/material.ts'
import type { Family, Material } from '../../materials/material.ts'

/** What a design takes only when the painter asks for it by name, and why. */

const kinds: Readonly<Record<string, string>> = {
  linseed_boiled_metal_drier: 'it holds driers, and darkens',
  black_oil_leaded: 'it holds lead',
  lead: 'it is lead',
  pb_mn_resinate_dark: 'it holds lead',
  pb_mn_resinate_pale: 'it holds lead',
  mastic_gel_medium: 'it darkens, cracks and dissolves again',
  zinc_stearate: 'it feeds zinc soaps',
  paraffin_wax: 'nothing holds well on it',
  acetone: 'it is a swab’s solvent, no painter’s',
  ethanol: 'it is a swab’s solvent, no painter’s',
  isopropanol: 'it is a swab’s solvent, no painter’s',
  xylene: 'it harms the nerves',
  fast_spirit: 'it leaves in minutes',
  odourless_kerosene: 'it leaves over days: it is for brushes',
  acrylic_resin_ethyl_methacrylate: 'oil does not take it',
  shellac: 'oil does not take it',
  run_copal_varnish: 'it darkens, and never comes off again',
}

const families: Partial<Record<Family, string>> = {
  egg: 'it spoils within days, and needs a making of its own',
  acid: 'it belongs to egg',
  waterborne: 'it does not mix with oil',
  additive: 'it belongs to egg and glue',
  retarder: 'too much of it keeps paint soft for good',
  varnish: 'a varnish goes on last',
}

/** What is offered unasked is no slower than this, raw linseed = 1. */
export const usualSlowest = 0.5

/** Null: a design may take it unasked. */
export function onlyIfAsked(material: Material): string | null {
  if (neverDries(material)) return 'it never dries'
  if (kindOf(material) === 'water') return 'it does not mix with oil'
  return kinds[kindOf(material)] ?? families[material.family] ?? null
}
