import type { Amount } from '../measure/units.ts'

/** One line as the painter wrote it: a material, or another medium, and how much of it. */
export type RecipeLine = Amount & ({ readonly material: string } | { readonly medium: string })

export interface Recipe {
  readonly lines: readonly RecipeLine[]
  /** What a part is counted in: equal volumes, or equal weights. Default volume. */
  readonly partsBy?: 'volume' | 'weight'
  /** The size of one part, needed only where parts stand beside absolute amounts. */
  readonly partSize?: Amount
  /** Make this much in all: a mass, or a true volume. */
  readonly scaleTo?: Amount
}

/** The materials a recipe names in its own lines. */
export const materialsIn = ({ lines }: Pick<Recipe, 'lines'>): readonly string[] =>
  lines.flatMap((line) => ('material' in line ? [line.material] : []))

/** The mediums it names. */
export const mediumsIn = ({ lines }: Pick<Recipe, 'lines'>): readonly string[] =>
  lines.flatMap((line) => ('medium' in line ? [line.medium] : []))

/** Another medium a line may name. */
export interface NamedRecipe {
  readonly name: string
  readonly recipe: Recipe
}

export type RecipeShelf = (id: string) => NamedRecipe | undefined
