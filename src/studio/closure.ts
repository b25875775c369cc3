import { materialsIn, mediumsIn } from '../core/medium/recipe.ts'
import type { MediumDocument } from '../document/recipe.ts'
import type { ShelfItem } from '../document/shelf.ts'
import type { Revised } from '../document/studio.ts'
import type { Database, Trx } from '../store/database.ts'
import { listByIds } from '../store/records.ts'

/** All that recipes lead to: the mediums in them, the mediums in those, and the painter's own lots among their materials. */
export interface Closure {
  readonly mediums: readonly Revised<MediumDocument>[]
  readonly items: readonly Revised<ShelfItem>[]
}

/** A query a level of nesting, and one for the lots. */
export async function closureOf(
  db: Database | Trx,
  recipes: readonly MediumDocument['recipe'][],
  alsoMaterials: readonly string[] = [],
): Promise<Closure> {
  const mediums = new Map<string, Revised<MediumDocument>>()
  const materials = new Set(alsoMaterials)
  for (let level = recipes; level.length > 0;) {
    for (const id of level.flatMap(materialsIn)) materials.add(id)
    const wanted = new Set(level.flatMap(mediumsIn).filter((id) => !mediums.has(id)))
    const found = await listByIds(db, 'medium', [...wanted])
    for (const medium of found) mediums.set(medium.id, medium)
    level = found.map(({ recipe }) => recipe)
  }
  return { mediums: [...mediums.values()], items: await listByIds(db, 'shelf_item', [...materials]) }
}
