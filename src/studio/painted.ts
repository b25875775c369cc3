import { analyseMedium } from '../core/medium/medium.ts'
import { materialsIn, mediumsIn } from '../core/medium/recipe.ts'
import { overlap } from '../core/stack/area.ts'
import { mediumOfBatch } from '../document/batchMedium.ts'
import { brushOf, materialsOn, paintedAtOf, planOf } from '../document/brush.ts'
import type { Brush } from '../document/brush.ts'
import type { Correction, Painted } from '../document/layer.ts'
import type { MediumDocument } from '../document/recipe.ts'
import type { ShelfItem } from '../document/shelf.ts'
import { findInStudio } from '../document/studioMaterials.ts'
import type { Trx } from '../store/database.ts'
import { bare, changedFields } from '../store/history.ts'
import { find, listByIds, listOf } from '../store/records.ts'
import { closureOf } from './closure.ts'
import { commit, doneAt, findOrRefuse } from './commit.ts'
import type { Write, Written } from './commit.ts'
import { latest } from './integrity.ts'
import { refused } from './refused.ts'
import { paintsOfToday } from './paintsOfToday.ts'

/** What was painted, as a fact: written here alone, from what stands in the studio at that moment. */

/** When and where a layer was painted, where that is not now and as planned. */
export interface PaintedFacts {
  readonly paintedAt?: string | undefined
  readonly areas?: readonly string[] | undefined
  /** When it was tapped. */
  readonly tapped?: string | undefined
}

/**
 * Marks a layer as painted, and keeps what was used as it is now. Without a minute it is now, or, should the clock have
 * gone back, the minute of the last layer under it.
 */
export const logPainted = (
  write: Write,
  layerId: string,
  { paintedAt, areas, tapped }: PaintedFacts = {},
): Promise<Written> =>
  commit(write, async (trx) => {
    const { revision, ...plan } = await findOrRefuse(trx, 'layer', layerId)
    const layer = areas ? { ...plan, areas: [...areas] } : plan
    if (layer.painted) throw refused(`${layer.name} is painted already. Correct what was used instead.`)
    const lower = (await listOf(trx, 'layer', [layer.paintingId])).filter(
      (one) => one.position < layer.position && overlap(brushOf(one), layer),
    )
    const at = paintedAt ?? latest([doneAt(write, tapped), ...lower.map(paintedAtOf)])
    const painted = await asUsed(trx, at, planOf(layer))
    return {
      what: `Painted ${layer.name}`,
      paintingId: layer.paintingId,
      wishes: [{ kind: 'layer', id: layerId, body: { ...plan, painted }, seen: revision }],
    }
  })

/** Puts right what is on record of a painted layer. What was said before is kept beside it. */
export const correctPainted = (
  write: Write,
  layerId: string,
  { at, ...change }: Correction,
): Promise<Written> =>
  commit(write, async (trx) => {
    const { revision, ...layer } = await findOrRefuse(trx, 'layer', layerId)
    const { painted: was } = layer
    if (!was) throw refused(`${layer.name} is not painted yet. Change its plan instead.`)
    const given = Object.fromEntries(Object.entries(change).filter(([, value]) => value !== undefined))
    const painted = await corrected(trx, was, { ...was, ...given, at: at ?? was.at })
    if (changedFields(was, painted).length === 0) throw refused('That is what is on record already.')
    const corrections = [...layer.corrections, { at: write.at, was }]
    return {
      what: `Corrected ${layer.name}`,
      paintingId: layer.paintingId,
      wishes: [{ kind: 'layer', id: layerId, body: { ...layer, painted, corrections }, seen: revision }],
    }
  })

/** Says that a layer was not painted after all. What was said before is kept. */
export const takeBackPainted = (write: Write, layerId: string): Promise<Written> =>
  commit(write, async (trx) => {
    const { revision, ...layer } = await findOrRefuse(trx, 'layer', layerId)
    const { painted: was } = layer
    if (!was) throw refused(`${layer.name} is not painted. There is nothing to take back.`)
    const corrections = [...layer.corrections, { at: write.at, was }]
    return {
      what: `Took back that ${layer.name} was painted`,
      paintingId: layer.paintingId,
      wishes: [
        { kind: 'layer', id: layerId, body: { ...layer, painted: null, corrections }, seen: revision },
      ],
    }
  })

/** What is on the brush, with the medium and the painter's own lots in all of it as they stand. */
export async function asUsed(trx: Trx, at: string, brush: Brush): Promise<Painted> {
  const { used, materials } = await mediumAsUsed(trx, brush)
  const paints = await paintsOfToday(trx, brush.paints)
  const lots = await listByIds(trx, 'shelf_item', materialsOn({ ...brush, paints }))
  return {
    at,
    ...brush,
    paints,
    used,
    materials: onceEach([...materials, ...lots.map((item): ShelfItem => bare(item))]),
  }
}

/** What a correction leaves as it was keeps the lots and the recipe it had; what it names anew is taken as it stands. */
async function corrected(trx: Trx, was: Painted, now: Painted): Promise<Painted> {
  const fresh = await asUsed(trx, now.at, planOf(now))
  const isSameMedium = now.medium?.mediumId === was.medium?.mediumId && was.used !== null
  // A material the book stood for then has no lot on record, and gets none now.
  const known = new Set([...materialsOn(was), ...(was.used ? materialsIn(was.used.recipe) : [])])
  const before = (tube: string | undefined) => was.paints.find((paint) => tube && paint.tube === tube)
  return {
    ...fresh,
    paints: fresh.paints.map((paint) => ({ ...(before(paint.tube) ?? paint), parts: paint.parts })),
    used: now.medium === null ? null : isSameMedium ? was.used : fresh.used,
    materials: onceEach([...was.materials, ...fresh.materials.filter(({ id }) => !known.has(id))]),
  }
}

/** Each lot once, as it came first. */
const onceEach = (items: readonly ShelfItem[]): ShelfItem[] => [
  ...new Map(items.toReversed().map((item) => [item.id, item])).values(),
]

type Used = Pick<Painted, 'used' | 'materials'>
const nothingUsed: Used = { used: null, materials: [] }

async function mediumAsUsed(trx: Trx, { medium }: Brush): Promise<Used> {
  if (!medium) return nothingUsed
  const recipe = await find(trx, 'medium', medium.mediumId)
  if (recipe) return usedRecipe(trx, recipe)
  const batch = await find(trx, 'batch', medium.mediumId)
  if (!batch) return nothingUsed
  const { name, recipe: poured, materials = [] } = mediumOfBatch(batch)
  return { used: { name, recipe: poured }, materials: [...materials] }
}

/** A medium as it stands: its materials by weight where it holds other mediums, and the painter's own lots in it. */
async function usedRecipe(trx: Trx, medium: MediumDocument): Promise<Used> {
  const { mediums, items } = await closureOf(trx, [medium.recipe])
  const known = new Map(mediums.map((one) => [one.id, one]))
  const made = analyseMedium(medium.recipe, findInStudio(items), (id) => known.get(id), [medium.id])
  if (!made.ok) return { used: { name: medium.name, recipe: medium.recipe }, materials: [] }
  const ids = new Set(made.medium.ingredients.map(({ material }) => material.id))
  const lines = made.medium.ingredients.map(({ material, massG }) => ({
    material: material.id,
    amount: massG,
    unit: 'g' as const,
  }))
  const nested = mediumsIn(medium.recipe).length > 0
  const recipe: MediumDocument['recipe'] = nested ? { lines } : medium.recipe
  const materials = items.filter(({ id }) => ids.has(id)).map((item): ShelfItem => bare(item))
  return { used: { name: medium.name, recipe }, materials }
}
