import type { FindMaterial } from '../../core/materials/find.ts'
import type { Material } from '../../core/materials/material.ts'
import { analyseMedium } from '../../core/medium/medium.ts'
import type { UsableMedium } from '../batchMedium.ts'
import type { LayerDocument } from '../layer.ts'
import { remembered } from '../remembered.ts'
import { findAsUsed } from '../studioMaterials.ts'

/** What is in the mediums and batches of a studio, each made out once however many things hold it. */
export interface Ingredients {
  /** All that is in a medium, through the mediums in it; nothing while its recipe cannot be made. */
  readonly of: (mediumId: string) => readonly Material[]
  /** All that is in the medium a layer is planned with, a recipe or a batch; nothing where it has none. */
  readonly in: (layer: Pick<LayerDocument, 'medium'>) => readonly Material[]
}

export function ingredientsAmong(usable: readonly UsableMedium[], find: FindMaterial): Ingredients {
  const byId = new Map(usable.map((medium) => [medium.id, medium]))
  const of = remembered(
    (mediumId: string) => mediumId,
    (mediumId): readonly Material[] => {
      const medium = byId.get(mediumId)
      return medium ? ingredientsOf(medium, byId, find) : []
    },
  )
  return { of, in: ({ medium }) => (medium ? of(medium.mediumId) : []) }
}

function ingredientsOf(
  { id, recipe, materials = [] }: UsableMedium,
  byId: ReadonlyMap<string, UsableMedium>,
  find: FindMaterial,
): readonly Material[] {
  const made = analyseMedium(recipe, findAsUsed(find, materials), (other) => byId.get(other), [id])
  return made.ok ? made.medium.ingredients.map(({ material }) => material) : []
}
