import { expose } from 'comlink'
import highs from 'highs'
import wasmUrl from 'highs/runtime?url'
import { tubeIngredients } from '../core/film/paint.ts'
import { analyseMedium } from '../core/medium/medium.ts'
import { design, nearOf } from '../core/dosing/design/design.ts'
import type { Design } from '../core/dosing/design/design.ts'
import type { Wish } from '../core/dosing/design/wish.ts'
import { sideOf } from '../core/dosing/dose.ts'
import type { Recipe, RecipeShelf } from '../core/medium/recipe.ts'
import type { DesignRequest } from '../document/design.ts'
import { linearSolver } from '../document/dates/linear.ts'
import type { MediumDocument } from '../document/recipe.ts'
import type { ShelfItem } from '../document/shelf.ts'
import { findInStudio } from '../document/studioMaterials.ts'

/** A design over the painter's own shelf and mediums. */
export interface DesignTask extends Pick<DesignRequest, 'shelf' | 'dose'> {
  readonly wishes: readonly Wish[]
  readonly paint: NonNullable<DesignRequest['paint']>
  readonly near: Recipe | null
  readonly items: readonly ShelfItem[]
  readonly mediums: readonly MediumDocument[]
}
export interface Designing {
  design: (task: DesignTask) => Promise<Design>
}

const solver = highs({ locateFile: () => wasmUrl })

const designing: Designing = {
  design: async ({ shelf: ids, wishes, dose, paint, near, items, mediums }) => {
    const findMaterial = findInStudio(items)
    const media: RecipeShelf = (id) => mediums.find((one) => one.id === id)
    const tube = tubeIngredients(paint, findMaterial)
    if (!tube.ok) return { ok: false, clash: [], message: tube.message }
    const made = near ? analyseMedium(near, findMaterial, media) : null
    const used = made?.ok ? made.medium.ingredients.map(({ material }) => material) : []
    const chosen = ids.flatMap((id) => findMaterial(id) ?? [])
    const materials = [...chosen, ...used.filter(({ id }) => !ids.includes(id))]
    const grams = made?.ok ? nearOf(materials, made.medium.ingredients) : null
    return design(
      wishes,
      { materials, paint: sideOf(tube.ingredients), dose },
      grams,
      linearSolver(await solver),
    )
  },
}

expose(designing)
