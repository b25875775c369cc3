import { library } from '../core/materials/library.ts'
import type { Material } from '../core/materials/material.ts'
import { materialOf } from '../core/materials/own.ts'
import { findInLibrary, finderOf } from '../core/materials/find.ts'
import type { FindMaterial } from '../core/materials/find.ts'
import type { ShelfItem } from './shelf.ts'

/** Every material there is for a painter: the library, overridden and added to by their own lots and materials. */
export function studioMaterials(items: readonly ShelfItem[]): readonly Material[] {
  const own = new Map(items.map((item) => [item.id, materialOf(item, findInLibrary)]))
  return [
    ...library.map((material) => own.get(material.id) ?? material),
    ...[...own.values()].filter(({ id }) => !findInLibrary(id)),
  ]
}

export const findInStudio = (items: readonly ShelfItem[]): FindMaterial =>
  items.length === 0 ? findInLibrary : finderOf(studioMaterials(items))

/** Finds these lots as they were when they were used, and all else as it is now. */
export function findAsUsed(findMaterial: FindMaterial, items: readonly ShelfItem[]): FindMaterial {
  if (items.length === 0) return findMaterial
  const then = finderOfLots(items)
  return (id) => then(id) ?? findMaterial(id)
}

/** What lots on record are does not change: they are made out once, however often the picture is judged. */
const madeOut = new WeakMap<readonly ShelfItem[], FindMaterial>()

function finderOfLots(items: readonly ShelfItem[]): FindMaterial {
  const known = madeOut.get(items)
  if (known) return known
  const found = finderOf(items.map((item) => materialOf(item, findInLibrary)))
  madeOut.set(items, found)
  return found
}
