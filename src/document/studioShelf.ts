import { library } from '../core/materials/library.ts'
import type { Material } from '../core/materials/material.ts'
import { materialOf } from '../core/materials/own.ts'
import { libraryShelf, shelfOf } from '../core/materials/shelf.ts'
import type { Shelf } from '../core/materials/shelf.ts'
import type { ShelfItem } from './shelf.ts'

/** Every material there is for a painter: the library, overridden and added to by their own lots and materials. */
export function studioMaterials(items: readonly ShelfItem[]): readonly Material[] {
  const own = new Map(items.map((item) => [item.id, materialOf(item, libraryShelf)]))
  return [...library.map((material) => own.get(material.id) ?? material), ...[...own.values()].filter(({ id }) => !libraryShelf(id))]
}

export const studioShelf = (items: readonly ShelfItem[]): Shelf => (items.length === 0 ? libraryShelf : shelfOf(studioMaterials(items)))

/** A shelf on which these lots are as they were when they were used. */
export function shelfAsUsed(shelf: Shelf, items: readonly ShelfItem[]): Shelf {
  if (items.length === 0) return shelf
  const then = shelfOf(items.map((item) => materialOf(item, libraryShelf)))
  return (id) => then(id) ?? shelf(id)
}
