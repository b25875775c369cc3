import type { Material } from '../../../core/materials/material.ts'
import type { Medium } from '../../../core/medium/medium.ts'
import type { Recipe, RecipeShelf } from '../../../core/medium/recipe.ts'
import type { MediumDocument } from '../../../document/recipe.ts'
import type { Settings } from '../../../document/studio.ts'
import type { Bench } from '../../../ui/bench/useBench.ts'

/** What every reckoning at the bench is given. */
export interface ReckoningProps {
  readonly mediumId: string
  readonly recipe: Recipe
  readonly medium: Medium
  readonly materials: readonly Material[]
  readonly media: RecipeShelf
  readonly bring: Bench['bring']
  readonly settings: Settings
  readonly onRecipe: (recipe: MediumDocument['recipe']) => void
}
