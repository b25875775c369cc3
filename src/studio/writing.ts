import { libraryShelf } from '../core/materials/shelf.ts'
import { analyseMedium } from '../core/medium/medium.ts'
import { overlap } from '../document/assess.ts'
import type { Batch } from '../document/batch.ts'
import { mediumOfBatch } from '../document/batchMedium.ts'
import type { MediumDocument } from '../document/recipe.ts'
import type { ShelfItem } from '../document/shelf.ts'
import { studioShelf } from '../document/studioShelf.ts'
import type { LayerDocument, PaintingDocument, Revised, Settings, StudioDocument, TouchTest } from '../document/studio.ts'
import type { Database } from '../store/database.ts'
import { change, undo } from '../store/history.ts'
import type { Wish } from '../store/history.ts'
import { find, list, listOf } from '../store/records.ts'
import { settingsId } from './reading.ts'
import { newId } from './studio.ts'

/** What a write answers: the event that undoes it, and the new revision of each thing it touched. */
export interface Written {
  readonly event: number
  readonly revisions: Readonly<Record<string, number>>
}

/** Asked of something that is not there, or cannot be done as things stand; the message says what to do. */
export class Refused extends Error {
  constructor(
    readonly code: 'not-found' | 'refused',
    message: string,
  ) {
    super(message)
  }
}

const gone = (what: string): Refused => new Refused('not-found', `This ${what} is no longer there. Go back to the list and open it again.`)

const commit = (db: Database, at: string, paintingId: string | null, what: string, wishes: readonly Wish[]): Promise<Written> =>
  db.transaction().execute((trx) => change(trx, at, paintingId, what, wishes))

export const saveSettings = (db: Database, at: string, settings: Settings, seen: number): Promise<Written> =>
  commit(db, at, null, 'Changed the studio', [{ kind: 'setting', id: settingsId, body: { ...settings, id: settingsId }, seen: seen === 0 ? null : seen }])

/** Adds a medium when `seen` is null, changes it otherwise. */
export const saveMedium = (db: Database, at: string, medium: MediumDocument, seen: number | null): Promise<Written> =>
  commit(db, at, null, `${seen === null ? 'Added' : 'Changed'} medium ${medium.name}`, [{ kind: 'medium', id: medium.id, body: medium, seen }])

/** Refused while a layer or another medium still uses it. */
export async function removeMedium(db: Database, at: string, id: string, seen: number): Promise<Written> {
  const medium = await find(db, 'medium', id)
  if (!medium) throw gone('medium')
  const user = (await list(db, 'medium')).find(({ recipe }) => recipe.lines.some((line) => 'medium' in line && line.medium === id))
  if (user) throw new Refused('refused', `${user.name} is made with ${medium.name}. Take it out there first.`)
  const layer = (await list(db, 'layer')).find((one) => one.medium?.mediumId === id && !one.usedMedium)
  if (layer) throw new Refused('refused', `The layer ${layer.name} is planned with ${medium.name}. Choose another medium there first.`)
  return commit(db, at, null, `Removed medium ${medium.name}`, [{ kind: 'medium', id, body: null, seen }])
}

/** Adds a lot or a material when `seen` is null, changes it otherwise. */
export const saveShelfItem = (db: Database, at: string, item: ShelfItem, seen: number | null): Promise<Written> =>
  commit(db, at, null, `${seen === null ? 'Added' : 'Changed'} ${item.name} on the shelf`, [{ kind: 'shelf_item', id: item.id, body: item, seen }])

/** Refused while a recipe still names it, unless the library knows it too: then the book's figures hold again. */
export async function removeShelfItem(db: Database, at: string, id: string, seen: number): Promise<Written> {
  const item = await find(db, 'shelf_item', id)
  if (!item) throw gone('material')
  const user = (await list(db, 'medium')).find(({ recipe }) => recipe.lines.some((line) => 'material' in line && line.material === id))
  if (user && !libraryShelf(id)) throw new Refused('refused', `${user.name} is made with ${item.name}. Take it out there first.`)
  return commit(db, at, null, `Removed ${item.name} from the shelf`, [{ kind: 'shelf_item', id, body: null, seen }])
}

/** Puts a whole list on the shelf in one step, overriding what has the same id. */
export const saveShelf = (db: Database, at: string, items: readonly ShelfItem[]): Promise<Written> =>
  commit(db, at, null, `Brought ${items.length} materials onto the shelf`, items.map((body): Wish => ({ kind: 'shelf_item', id: body.id, body }))) // prettier-ignore

export const savePainting = (db: Database, at: string, painting: PaintingDocument, seen: number | null): Promise<Written> =>
  commit(db, at, painting.id, `${seen === null ? 'Began' : 'Changed'} ${painting.title}`, [{ kind: 'painting', id: painting.id, body: painting, seen }])

export async function removePainting(db: Database, at: string, id: string, seen: number): Promise<Written> {
  const painting = await find(db, 'painting', id)
  if (!painting) throw gone('painting')
  const layers = await listOf(db, 'layer', [id])
  const tests = await listOf(
    db,
    'touch_test',
    layers.map((layer) => layer.id),
  )
  return commit(db, at, id, `Removed ${painting.title}`, [
    ...tests.map((test): Wish => ({ kind: 'touch_test', id: test.id, body: null })),
    ...layers.map((layer): Wish => ({ kind: 'layer', id: layer.id, body: null })),
    { kind: 'painting', id, body: null, seen },
  ])
}

export async function saveLayer(db: Database, at: string, layer: LayerDocument, seen: number | null): Promise<Written> {
  if (!(await find(db, 'painting', layer.paintingId))) throw gone('painting')
  await checkDates(db, at, layer)
  return commit(db, at, layer.paintingId, `${seen === null ? 'Added' : 'Changed'} layer ${layer.name}`, [{ kind: 'layer', id: layer.id, body: layer, seen }])
}

export async function removeLayer(db: Database, at: string, id: string, seen: number): Promise<Written> {
  const layer = await find(db, 'layer', id)
  if (!layer) throw gone('layer')
  const tests = await listOf(db, 'touch_test', [id])
  return commit(db, at, layer.paintingId, `Removed layer ${layer.name}`, [
    ...tests.map((test): Wish => ({ kind: 'touch_test', id: test.id, body: null })),
    { kind: 'layer', id, body: null, seen },
  ])
}

/** Puts the layers of a painting in this order, bottom first; the list must name each of them once. */
export async function orderLayers(db: Database, at: string, paintingId: string, ids: readonly string[]): Promise<Written> {
  const layers = await listOf(db, 'layer', [paintingId])
  if (layers.length !== ids.length || new Set(ids).size !== ids.length || layers.some(({ id }) => !ids.includes(id)))
    throw new Refused('refused', 'The layers changed while they were being moved. Reload and move again.')
  const moved = layers.flatMap(({ revision: _revision, ...layer }): Wish[] => {
    const position = ids.indexOf(layer.id)
    return position === layer.position ? [] : [{ kind: 'layer', id: layer.id, body: { ...layer, position } }]
  })
  return commit(db, at, paintingId, 'Reordered the layers', moved)
}

/** Marks a layer as painted at this minute, and keeps the medium as it was on that day. */
export async function logPainted(db: Database, at: string, layerId: string, paintedAt: string): Promise<Written> {
  const found = await find(db, 'layer', layerId)
  if (!found) throw gone('layer')
  const { revision, ...layer } = found
  await checkDates(db, at, { ...layer, paintedAt, plannedOn: null })
  const medium = layer.medium && (await find(db, 'medium', layer.medium.mediumId))
  const batch = layer.medium && !medium ? await find(db, 'batch', layer.medium.mediumId) : null
  const usedMedium = batch ? usedBatch(batch) : medium ? usedOf(medium, await list(db, 'medium'), await list(db, 'shelf_item')) : null
  return commit(db, at, layer.paintingId, `Painted ${layer.name}`, [
    { kind: 'layer', id: layerId, body: { ...layer, paintedAt, plannedOn: null, usedMedium }, seen: revision },
  ])
}

/** Layers are painted from the bottom up, none before those under it, and none in the future. */
async function checkDates(db: Database, at: string, layer: LayerDocument): Promise<void> {
  const others = (await listOf(db, 'layer', [layer.paintingId])).filter((one) => one.id !== layer.id && overlap(one, layer))
  const lower = others.filter(({ position }) => position < layer.position)
  if (layer.paintedAt) {
    const { paintedAt } = layer
    if (paintedAt > at) throw new Refused('refused', 'That is in the future. Plan the layer for that day instead.')
    const unpainted = lower.find((one) => !one.paintedAt)
    if (unpainted) throw new Refused('refused', `${unpainted.name} lies under ${layer.name} and is not painted yet. Log that one first, or change the order.`)
    const later = lower.find((one) => one.paintedAt! > paintedAt)
    if (later)
      throw new Refused('refused', `${later.name} under it was painted on ${later.paintedAt!.slice(0, 10)}. Give ${layer.name} that day or a later one.`)
    const sooner = others.find((one) => one.position > layer.position && one.paintedAt && one.paintedAt < paintedAt)
    if (sooner)
      throw new Refused('refused', `${sooner.name} over it was painted on ${sooner.paintedAt!.slice(0, 10)}. Give ${layer.name} that day or an earlier one.`)
  } else if (layer.plannedOn) {
    const began = lower
      .flatMap(({ paintedAt }) => paintedAt?.slice(0, 10) ?? [])
      .sort()
      .at(-1)
    if (began && layer.plannedOn < began)
      throw new Refused('refused', `The layer under it was painted on ${began}. Plan ${layer.name} for that day or a later one.`)
  }
}

/** A medium as it stands: its materials by weight where it holds other mediums, and the painter's own lots in it. */
function usedOf(medium: MediumDocument, mediums: readonly MediumDocument[], items: readonly Revised<ShelfItem>[]): NonNullable<LayerDocument['usedMedium']> {
  const made = analyseMedium(medium.recipe, studioShelf(items), (id) => mediums.find((one) => one.id === id), [medium.id])
  const ids = new Set(made.ok ? made.medium.ingredients.map(({ material }) => material.id) : [])
  const materials = items.filter(({ id }) => ids.has(id)).map(({ revision: _revision, ...item }) => item)
  const nested = medium.recipe.lines.some((line) => 'medium' in line)
  const recipe: MediumDocument['recipe'] =
    nested && made.ok ? { lines: made.medium.ingredients.map(({ material, massG }) => ({ material: material.id, amount: massG, unit: 'g' })) } : medium.recipe
  return { name: medium.name, recipe, materials }
}

/** What was really poured, whatever the recipe said. */
function usedBatch(batch: Batch): NonNullable<LayerDocument['usedMedium']> {
  const { name, recipe, materials } = mediumOfBatch(batch)
  return { name, recipe, materials: [...(materials ?? [])] }
}

export async function logTouch(db: Database, at: string, test: Omit<TouchTest, 'id'>): Promise<Written> {
  const layer = await find(db, 'layer', test.layerId)
  if (!layer) throw gone('layer')
  if (!layer.paintedAt) throw new Refused('refused', `${layer.name} is not painted yet, so there is nothing to touch. Log it as painted first.`)
  if (test.at < layer.paintedAt) throw new Refused('refused', `${layer.name} was painted on ${layer.paintedAt.slice(0, 10)}. A touch test comes after that.`)
  if (test.at > at) throw new Refused('refused', 'That is in the future. Log a touch test when the finger has been on it.')
  const id = newId()
  return commit(db, at, layer.paintingId, `Touched ${layer.name}`, [{ kind: 'touch_test', id, body: { ...test, id }, seen: null }])
}

/** Fills an empty studio from a document. Refused when it holds anything. */
export async function loadDocument(db: Database, at: string, document: StudioDocument): Promise<void> {
  if ((await list(db, 'painting')).length > 0 || (await list(db, 'medium')).length > 0)
    throw new Refused('refused', 'This studio already holds work. A document is loaded into an empty one.')
  await commit(db, at, null, 'Loaded a studio document', [
    { kind: 'setting', id: settingsId, body: { ...document.settings, id: settingsId } },
    ...document.shelf.map((body): Wish => ({ kind: 'shelf_item', id: body.id, body })),
    ...document.batches.map((body): Wish => ({ kind: 'batch', id: body.id, body })),
    ...document.mediums.map((body): Wish => ({ kind: 'medium', id: body.id, body })),
    ...document.paintings.map((body): Wish => ({ kind: 'painting', id: body.id, body })),
    ...document.layers.map((body): Wish => ({ kind: 'layer', id: body.id, body })),
    ...document.touchTests.map((body): Wish => ({ kind: 'touch_test', id: body.id, body })),
  ])
}

/** Takes back one event. Refused when it was taken back already, or when something it touched was changed since. */
export async function undoEvent(db: Database, at: string, event: number): Promise<Written & { readonly what: string }> {
  const undone = await undo(db, event, at)
  if (!undone) throw new Refused('not-found', 'That was taken back already.')
  return undone
}
