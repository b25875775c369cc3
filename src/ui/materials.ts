import { familyNames } from '../core/materials/families.ts'
import { library } from '../core/materials/library.ts'
import type { Family, Material } from '../core/materials/material.ts'

/** The library as lists to choose from, in plain words. */

interface Option {
  readonly id: string
  readonly name: string
  readonly group: string
}

const option = ({ id, name, family, pigmentCode }: Material): Option => ({
  id,
  name: pigmentCode && family === 'pigment' ? `${name}, ${pigmentCode}` : name,
  group: familyNames[family],
})

const named = ({ id, name }: Option): Omit<Option, 'group'> => ({ id, name })

export const pigmentChoices = library
  .filter(({ family }) => family === 'pigment')
  .map(option)
  .map(named)
/** Oils that dry; a paint cannot be bound with one that does not. */
export const oilChoices = library
  .filter(({ family, rate }) => family === 'oil' && (rate?.mid ?? 0) >= 0.3)
  .map(option)
  .map(named)
export const thinnerChoices = library
  .filter(({ family }) => family === 'solvent')
  .map(option)
  .map(named)
/** Everything a medium may hold, by family. */
export const ingredientChoices = (materials: readonly Material[]): readonly Option[] =>
  (Object.keys(familyNames) as Family[]).flatMap((family) =>
    materials.filter((material) => material.family === family).map(option),
  )
