import { library } from '../core/materials/library.ts'
import type { Family, Material } from '../core/materials/material.ts'

/** The library as lists to choose from, in plain words. */

export const familyNames: Readonly<Record<Family, string>> = {
  oil: 'Oils', alkyd: 'Alkyds', ready_medium: 'Ready mediums', resin: 'Resins', balsam: 'Balsams', wax: 'Waxes', wax_paste: 'Wax pastes',
  metal_soap: 'Metal soaps', solvent: 'Solvents and water', extender: 'Extenders', drier: 'Driers', retarder: 'Retarders', egg: 'Egg', acid: 'Acids',
  waterborne: 'Waterborne', pigment: 'Pigments',
} // prettier-ignore

const option = ({ id, name, family, pigmentCode }: Material): { id: string; name: string; group: string } => ({
  id,
  name: pigmentCode && family === 'pigment' ? `${name}, ${pigmentCode}` : name,
  group: familyNames[family],
})

const inFamilies = (families: readonly Family[]): readonly { id: string; name: string; group: string }[] =>
  families.flatMap((family) => library.filter((material) => material.family === family).map(option))

export const pigmentChoices = inFamilies(['pigment']).map(({ id, name }) => ({ id, name }))
/** Oils that dry; a paint cannot be bound with one that does not. */
export const oilChoices = library.filter(({ family, rate }) => family === 'oil' && (rate?.mid ?? 0) >= 0.3).map(({ id, name }) => ({ id, name }))
export const thinnerChoices = library.filter(({ family }) => family === 'solvent').map(({ id, name }) => ({ id, name }))
/** Everything a medium may hold. */
export const ingredientChoices = inFamilies(Object.keys(familyNames) as Family[])
