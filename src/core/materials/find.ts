import { shortName } from '../words.ts'
import { library } from './library.ts'
import type { Material } from './material.ts'

/** Finds a material by its id. */
export type FindMaterial = (id: string) => Material | undefined

/** Finds among these materials; of two with one id the later counts, so a painter's own lot overrides the book. */
export function finderOf(materials: readonly Material[]): FindMaterial {
  const byId = new Map(materials.map((material) => [material.id, material]))
  return (id) => byId.get(id)
}

/** What a material goes by, without what stands in brackets; of one that is gone, its id. */
export const shortNameOf = (id: string, findMaterial: FindMaterial): string =>
  shortName(findMaterial(id)?.name ?? id)

/** The library as shipped. */
export const findInLibrary = finderOf(library)
