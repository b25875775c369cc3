import type { Family } from './material.ts'

/** Families of materials in plain words, in the order a shelf is sorted by. */
export const familyNames: Readonly<Record<Family, string>> = {
  oil: 'Oils',
  alkyd: 'Alkyds',
  ready_medium: 'Ready mediums',
  varnish: 'Varnishes',
  resin: 'Resins',
  balsam: 'Balsams',
  wax: 'Waxes',
  wax_paste: 'Wax pastes',
  metal_soap: 'Metal soaps',
  solvent: 'Solvents and water',
  extender: 'Fillers',
  drier: 'Driers',
  retarder: 'Retarders',
  egg: 'Egg',
  acid: 'Acids',
  waterborne: 'Waterborne',
  additive: 'Preservatives and others',
  pigment: 'Pigments',
}
