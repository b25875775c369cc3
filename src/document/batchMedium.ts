import { keepingOf } from '../core/batch/keeping.ts'
import type { Keeping } from '../core/batch/keeping.ts'
import { pouredG } from '../core/batch/pouring.ts'
import { analyseMedium } from '../core/medium/medium.ts'
import type { Medium } from '../core/medium/medium.ts'
import { dropOf } from '../core/measure/dropper.ts'
import { findInLibrary } from '../core/materials/find.ts'
import type { FindMaterial } from '../core/materials/find.ts'
import type { Batch } from './batch.ts'
import type { MediumDocument } from './recipe.ts'
import type { ShelfItem } from './shelf.ts'
import { findAsUsed } from './studioMaterials.ts'

/** A medium a layer may be painted with: a recipe, or a batch with the lots it was made of. */
export interface UsableMedium extends MediumDocument {
  readonly materials?: readonly ShelfItem[]
  readonly batch?: true
  /** What is left in the jar of a finished batch, ml. */
  readonly leftMl?: number
  /** A drop of it as the painter counted, ml. */
  readonly dropMl?: number
}

export const batchTitle = ({ name, number }: Pick<Batch, 'name' | 'number'>): string =>
  `${name}, batch ${number}`

/** A batch as a medium: its recipe is what was really poured. */
export function mediumOfBatch(batch: Batch): UsableMedium {
  const poured = [...new Set(batch.pours.map(({ material }) => material))]
  return {
    id: batch.id,
    name: batchTitle(batch),
    recipe: {
      lines: poured.map((material) => ({ material, amount: pouredG(batch.pours, material), unit: 'g' })),
    },
    note: batch.note,
    materials: batch.materials,
    batch: true,
  }
}

/** The same as it stands on the shelf: with what is left of it, once it is made, and its drop, once it is counted. */
export function jarOf(batch: Batch): UsableMedium {
  const drop = jarDropMl(batch, findInLibrary)
  return {
    ...mediumOfBatch(batch),
    ...(batch.madeOn && { leftMl: leftMl(batch, findInLibrary) }),
    ...(drop !== null && { dropMl: drop }),
  }
}

/** One drop of what is in the jar, ml, as it was counted; null before that. */
export function jarDropMl(batch: Batch, findMaterial: FindMaterial): number | null {
  const drop = dropOf(batch.dropper)
  const made = drop && poured(batch, findMaterial)
  return drop && made ? (drop.gramsEach * made.volumeMl) / made.massG : null
}

/** What is in a batch; null while nothing is poured. */
export function poured(batch: Batch, findMaterial: FindMaterial): Medium | null {
  const made = analyseMedium(mediumOfBatch(batch).recipe, findAsUsed(findMaterial, batch.materials))
  return made.ok ? made.medium : null
}

/** How long what is in the jar keeps, as it is kept. */
export const jarKeeping = (
  { ingredients }: Pick<Medium, 'ingredients'>,
  { keptCold }: Pick<Batch, 'keptCold'>,
): Keeping =>
  keepingOf(
    ingredients.map(({ material }) => material),
    keptCold,
  )

/** What is left of a finished batch, ml: what was poured, less what stayed in the pot and what was taken since. */
export function leftMl(batch: Batch, findMaterial: FindMaterial): number {
  const made = poured(batch, findMaterial)
  return made
    ? Math.max(0, made.volumeMl * (1 - batch.loss) - batch.taken.reduce((sum, { ml }) => sum + ml, 0))
    : 0
}
