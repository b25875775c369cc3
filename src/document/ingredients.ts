import type { FindMaterial } from '../core/materials/find.ts'
import type { Material } from '../core/materials/material.ts'
import { analyseMedium } from '../core/medium/medium.ts'
import type { UsableMedium } from './batchMedium.ts'
import type { LayerDocument } from './layer.ts'
import { findAsUsed } from './studioMaterials.ts'

/** All that is in a medium, through the mediums in it; nothing while its recipe cannot be made. */
export function ingredientsOf(
  { id, recipe, materials = [] }: UsableMedium,
  mediums: readonly UsableMedium[],
  find: FindMaterial,
): readonly Material[] {
  const made = analyseMedium(recipe, findAsUsed(find, materials), (other) => named(mediums, other), [id])
  return made.ok ? made.medium.ingredients.map(({ material }) => material) : []
}

/** All that is in the medium a layer is planned with, a recipe or a batch; nothing where it has none. */
export function ingredientsIn(
  { medium }: Pick<LayerDocument, 'medium'>,
  mediums: readonly UsableMedium[],
  find: FindMaterial,
): readonly Material[] {
  const used = medium && named(mediums, medium.mediumId)
  return used ? ingredientsOf(used, mediums, find) : []
}

const named = (mediums: readonly UsableMedium[], id: string): UsableMedium | undefined =>
  mediums.find((one) => one.id === id)
