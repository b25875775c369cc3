import type { FindMaterial } from '../core/materials/find.ts'
import type { Material } from '../core/materials/material.ts'
import { analyseMedium } from '../core/medium/medium.ts'
import type { MediumDocument } from './recipe.ts'

/** All that is in a medium, through the mediums in it; nothing while its recipe cannot be made. */
export const ingredientsOf = (
  medium: MediumDocument,
  mediums: readonly MediumDocument[],
  find: FindMaterial,
): readonly Material[] => {
  const made = analyseMedium(medium.recipe, find, (id) => mediums.find((one) => one.id === id), [medium.id])
  return made.ok ? made.medium.ingredients.map(({ material }) => material) : []
}
