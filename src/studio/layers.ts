import { analyseMedium } from '../core/medium/medium.ts'
import { overlap } from '../document/assess.ts'
import type { Batch } from '../document/batch.ts'
import { mediumOfBatch } from '../document/batchMedium.ts'
import type { MediumDocument } from '../document/recipe.ts'
import type { ShelfItem } from '../document/shelf.ts'
import { findInStudio } from '../document/studioMaterials.ts'
import type { LayerDocument, TouchTest } from '../document/studio.ts'
import type { Trx } from '../store/database.ts'
import { bare, StaleWrite } from '../store/history.ts'
import type { Wish } from '../store/history.ts'
import { find, listOf } from '../store/records.ts'
import { closureOf } from './closure.ts'
import { commit, findOrRefuse } from './commit.ts'
import type { Write, Written } from './commit.ts'
import { latest } from './integrity.ts'
import { refused } from './refused.ts'
import { newId } from './studio.ts'

/** Adds a layer when `seen` is null, changes it otherwise. */
export const saveLayer = (write: Write, layer: LayerDocument, seen: number | null): Promise<Written> =>
  commit(write, async (trx) => {
    await findOrRefuse(trx, 'painting', layer.paintingId)
    return {
      what: `${seen === null ? 'Added' : 'Changed'} layer ${layer.name}`,
      paintingId: layer.paintingId,
      wishes: [{ kind: 'layer', id: layer.id, body: layer, seen }],
    }
  })

export const removeLayer = (write: Write, id: string, seen: number): Promise<Written> =>
  commit(write, async (trx) => {
    const layer = await findOrRefuse(trx, 'layer', id)
    const tests = await listOf(trx, 'touch_test', [id])
    return {
      what: `Removed layer ${layer.name}`,
      paintingId: layer.paintingId,
      wishes: [
        ...tests.map((test): Wish => ({ kind: 'touch_test', id: test.id, body: null })),
        { kind: 'layer', id, body: null, seen },
      ],
    }
  })

/** Puts the layers of a painting in this order, bottom first. Stale when they no longer lie as they were seen. */
export const orderLayers = (
  write: Write,
  paintingId: string,
  ids: readonly string[],
  was: readonly string[],
): Promise<Written> =>
  commit(write, async (trx) => {
    const layers = [...(await listOf(trx, 'layer', [paintingId]))].sort(byPosition)
    const now = layers.map(({ id }) => id)
    if (now.join() !== was.join()) throw new StaleWrite('painting', await find(trx, 'painting', paintingId))
    if ([...ids].sort().join() !== [...now].sort().join())
      throw refused('The order must name each layer of the painting once.')
    const moved = layers.map(bare).flatMap((layer): Wish[] => {
      const position = ids.indexOf(layer.id)
      return position === layer.position
        ? []
        : [{ kind: 'layer', id: layer.id, body: { ...layer, position } }]
    })
    return { what: 'Reordered the layers', paintingId, wishes: moved }
  })

export const byPosition = (a: LayerDocument, b: LayerDocument): number =>
  a.position - b.position || a.id.localeCompare(b.id)

/**
 * Marks a layer as painted, and keeps the medium as it was on that day. Without a minute it is now, or, should the clock
 * have gone back, the minute of the last layer under it.
 */
export const logPainted = (write: Write, layerId: string, paintedAt?: string): Promise<Written> =>
  commit(write, async (trx) => {
    const { revision, ...layer } = await findOrRefuse(trx, 'layer', layerId)
    const lower = (await listOf(trx, 'layer', [layer.paintingId])).filter(
      (one) => one.position < layer.position && overlap(one, layer),
    )
    const body = {
      ...layer,
      paintedAt: paintedAt ?? latest([write.at, ...lower.map((one) => one.paintedAt)]),
      plannedOn: null,
      usedMedium: await usedMedium(trx, layer),
    }
    return {
      what: `Painted ${layer.name}`,
      paintingId: layer.paintingId,
      wishes: [{ kind: 'layer', id: layerId, body, seen: revision }],
    }
  })

type Used = LayerDocument['usedMedium']

async function usedMedium(trx: Trx, { medium }: LayerDocument): Promise<Used> {
  if (!medium) return null
  const recipe = await find(trx, 'medium', medium.mediumId)
  if (recipe) return usedRecipe(trx, recipe)
  const batch = await find(trx, 'batch', medium.mediumId)
  return batch ? usedBatch(batch) : null
}

/** A medium as it stands: its materials by weight where it holds other mediums, and the painter's own lots in it. */
async function usedRecipe(trx: Trx, medium: MediumDocument): Promise<NonNullable<Used>> {
  const { mediums, items } = await closureOf(trx, [medium.recipe])
  const known = new Map(mediums.map((one) => [one.id, one]))
  const made = analyseMedium(medium.recipe, findInStudio(items), (id) => known.get(id), [medium.id])
  if (!made.ok) return { name: medium.name, recipe: medium.recipe, materials: [] }
  const ids = new Set(made.medium.ingredients.map(({ material }) => material.id))
  const lines = made.medium.ingredients.map(({ material, massG }) => ({
    material: material.id,
    amount: massG,
    unit: 'g' as const,
  }))
  const nested = medium.recipe.lines.some((line) => 'medium' in line)
  const recipe: MediumDocument['recipe'] = nested ? { lines } : medium.recipe
  const materials = items.filter(({ id }) => ids.has(id)).map((item): ShelfItem => bare(item))
  return { name: medium.name, recipe, materials }
}

/** What was really poured, whatever the recipe said. */
function usedBatch(batch: Batch): NonNullable<Used> {
  const { name, recipe, materials } = mediumOfBatch(batch)
  return { name, recipe, materials: [...(materials ?? [])] }
}

/** Logs a finger on a layer. Without a minute it is now, or, should the clock have gone back, the minute it was painted. */
export const logTouch = (
  write: Write,
  { at, ...test }: Omit<TouchTest, 'id' | 'at'> & { readonly at?: string | undefined },
): Promise<Written> =>
  commit(write, async (trx) => {
    const layer = await findOrRefuse(trx, 'layer', test.layerId)
    const id = newId()
    const body = { ...test, id, at: at ?? latest([write.at, layer.paintedAt]) }
    return {
      what: `Touched ${layer.name}`,
      paintingId: layer.paintingId,
      wishes: [{ kind: 'touch_test', id, body, seen: null }],
    }
  })
