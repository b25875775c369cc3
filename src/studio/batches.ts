import { repairOf, volumeMlOf } from '../core/batch/pouring.ts'
import { methodOf, unsettled } from '../core/batch/method.ts'
import { timesFor, wholeDrops } from '../core/batch/scaling.ts'
import type { ScaleBy } from '../core/batch/scaling.ts'
import { variationGrid } from '../core/batch/grid.ts'
import type { GridAxis } from '../core/batch/grid.ts'
import { analyseMedium } from '../core/medium/medium.ts'
import type { Medium } from '../core/medium/medium.ts'
import { batchTitle, leftMl, poured } from '../document/batchMedium.ts'
import type { Batch } from '../document/batch.ts'
import type { MediumDocument } from '../document/recipe.ts'
import type { ShelfItem } from '../document/shelf.ts'
import { shelfAsUsed, studioShelf } from '../document/studioShelf.ts'
import type { Database, Trx } from '../store/database.ts'
import { bare, change } from '../store/history.ts'
import type { Wish } from '../store/history.ts'
import { find, list } from '../store/records.ts'
import { newId } from './studio.ts'
import { Refused } from './writing.ts'
import type { Written } from './writing.ts'

/** Making batches. Every pour, and what it takes from the shelf, is one transaction and one event. */

async function there(db: Database | Trx, id: string): Promise<Batch & { readonly revision: number }> {
  const batch = await find(db, 'batch', id)
  if (!batch) throw new Refused('not-found', 'This batch is no longer there. Go back to the list and open it again.')
  return batch
}

const act = (db: Database, at: string, what: string, wishes: (trx: Trx) => Promise<readonly Wish[]>): Promise<Written> =>
  db.transaction().execute(async (trx) => change(trx, at, null, what, await wishes(trx)))

interface Made {
  readonly medium: MediumDocument
  readonly made: Medium
  readonly items: readonly ShelfItem[]
}

async function analysed(db: Database, mediumId: string): Promise<Made> {
  const medium = await find(db, 'medium', mediumId)
  if (!medium) throw new Refused('not-found', 'This medium is no longer there. Go back to the list and open it again.')
  const mediums = await list(db, 'medium')
  const items = (await list(db, 'shelf_item')).map(bare)
  const made = analyseMedium(medium.recipe, studioShelf(items), (id) => mediums.find((one) => one.id === id), [medium.id])
  if (!made.ok) throw new Refused('refused', `${medium.name} cannot be made yet: ${made.problems[0]!.message}`)
  return { medium: bare(medium), made: made.medium, items }
}

const nextNumber = async (db: Database | Trx): Promise<number> => Math.max(0, ...(await list(db, 'batch')).map(({ number }) => number)) + 1

const unfelt: Batch['feel'] = { viscosity: null, tack: null, string: null, spike: null, levelling: null }

function begun({ medium, made, items }: Made, targets: Batch['targets']): Omit<Batch, 'number'> {
  const inIt = new Set(made.ingredients.map(({ material }) => material.id))
  return {
    id: newId(), name: medium.name, mediumId: medium.id, parentId: null, targets, drops: [], pours: [], jarMl: null, loss: 0.05, keptCold: false, doneSteps: [], leftOut: [],
    madeOn: null, taken: [], looks: [], feel: unfelt, photo: null, materials: items.filter(({ id }) => inIt.has(id)), note: '',
  } // prettier-ignore
}

/** Begins a batch of a recipe, scaled; by feel, with no amounts to keep to. */
export async function createBatch(
  db: Database,
  at: string,
  { mediumId, by, jarMl, byFeel }: { mediumId: string; by: ScaleBy; jarMl: number | null; byFeel: boolean },
): Promise<Written & { readonly id: string }> {
  const found = await analysed(db, mediumId)
  const scaled = timesFor(found.made, by)
  if (!scaled.ok) throw new Refused('refused', scaled.message)
  const { times } = scaled
  if (found.made.volumeMl * times > (jarMl ?? Infinity)) throw new Refused('refused', `That makes ${Math.round(found.made.volumeMl * times)} ml, and the jar holds ${jarMl} ml. Make less, or take a larger jar.`)
  const targets = found.made.ingredients.map(({ material, massG }) => ({ material: material.id, grams: byFeel ? 0 : massG * times }))
  const drops = found.medium.recipe.lines.flatMap((line) => {
    const whole = wholeDrops(line, times)
    return whole && 'material' in line ? [{ material: line.material, ...whole }] : []
  })
  const rounded = targets.map((target) => {
    const inDrops = drops.find(({ material }) => material === target.material)
    return inDrops ? { ...target, grams: target.grams * (1 + inDrops.error) } : target
  })
  const base = begun(found, rounded)
  const written = await act(db, at, `Began a batch of ${found.medium.name}`, async (trx) => [
    { kind: 'batch', id: base.id, body: { ...base, number: await nextNumber(trx), jarMl, drops: byFeel ? [] : drops, loss: by.kind === 'tubes' ? by.loss : base.loss }, seen: null },
  ])
  return { ...written, id: base.id }
} // prettier-ignore

/** Steps, feel, looks, what was taken, the note: everything but what is poured, which only pouring changes. */
export const saveBatch = (db: Database, at: string, batch: Batch, seen: number): Promise<Written> =>
  act(db, at, `Changed ${batchTitle(batch)}`, async (trx) => {
    const { pours } = await there(trx, batch.id)
    return [{ kind: 'batch', id: batch.id, body: { ...batch, pours }, seen }]
  })

/** The shelf's entry for a material with so much less (or more) in stock; nothing where stock is not kept count of. */
const restocked = (item: (ShelfItem & { readonly revision: number }) | null, takenG: number): readonly Wish[] =>
  item && item.stockG !== null ? [{ kind: 'shelf_item', id: item.id, body: { ...bare(item), stockG: item.stockG - takenG } }] : []

export const pour = (db: Database, at: string, id: string, material: string, grams: number): Promise<Written> =>
  act(db, at, `Poured ${Number(grams.toPrecision(4))} g`, async (trx) => {
    const batch = await there(trx, id)
    if (batch.madeOn) throw new Refused('refused', 'This batch is finished. Begin another, or split this one.')
    if (!studioShelf((await list(trx, 'shelf_item')).map(bare))(material)) throw new Refused('refused', 'That material is not on the shelf. Choose one from the list.')
    const item = await find(trx, 'shelf_item', material)
    const drawnG = Math.min(item?.stockG ?? 0, grams)
    const materials = item && !batch.materials.some((one) => one.id === material) ? [...batch.materials, bare(item)] : batch.materials
    const targets = batch.targets.some((target) => target.material === material) ? batch.targets : [...batch.targets, { material, grams: 0 }]
    return [{ kind: 'batch', id, body: { ...bare(batch), targets, materials, pours: [...batch.pours, { material, grams, at, drawnG }] } }, ...restocked(item, drawnG)]
  }) // prettier-ignore

/** Takes the last pour back, and puts it back on the shelf. */
export const unpour = (db: Database, at: string, id: string): Promise<Written> =>
  act(db, at, 'Took the last pour back', async (trx) => {
    const batch = await there(trx, id)
    const last = batch.pours.at(-1)
    if (!last) throw new Refused('refused', 'Nothing is poured yet.')
    if (batch.madeOn) throw new Refused('refused', 'This batch is finished; what was poured stands.')
    return [
      { kind: 'batch', id, body: { ...bare(batch), pours: batch.pours.slice(0, -1) } },
      ...restocked(await find(trx, 'shelf_item', last.material), -last.drawnG),
    ]
  })

/** Recomputes the other lines around what was poured too much. Refused when the jar cannot hold it. */
export const repairBatch = (db: Database, at: string, id: string): Promise<Written> =>
  act(db, at, 'Recomputed the batch', async (trx) => {
    const batch = await there(trx, id)
    const repair = repairOf(batch.targets, batch.pours)
    if (!repair) throw new Refused('refused', 'Nothing is poured over its amount.')
    const volume = volumeMlOf(repair.targets, shelfAsUsed(studioShelf([]), batch.materials))
    if (batch.jarMl !== null && volume > batch.jarMl)
      throw new Refused('refused', `Put right it would be ${Math.round(volume)} ml, and the jar holds ${batch.jarMl} ml. Take a larger jar, pour some out, or keep it as it stands.`)
    return [{ kind: 'batch', id, body: { ...bare(batch), targets: [...repair.targets] } }]
  }) // prettier-ignore

export const finishBatch = (db: Database, at: string, id: string): Promise<Written> =>
  act(db, at, 'Finished a batch', async (trx) => {
    const batch = await there(trx, id)
    if (batch.pours.length === 0) throw new Refused('refused', 'Nothing is poured yet, so there is nothing to finish.')
    const shelf = shelfAsUsed(studioShelf([]), batch.materials)
    const steps = methodOf(batch.targets.flatMap(({ material }) => shelf(material) ?? []))
    const [open] = unsettled(steps, batch.doneSteps, batch.leftOut)
    if (open) throw new Refused('refused', `“${open.title}” is neither done nor left out knowingly. Settle it under Method first.`)
    return [{ kind: 'batch', id, body: { ...bare(batch), madeOn: at } }]
  })

/** Takes so many grams of a finished batch as the beginning of another, which inherits what is in them. */
export async function splitBatch(db: Database, at: string, id: string, grams: number, name: string): Promise<Written & { readonly id: string }> {
  const childId = newId()
  const written = await act(db, at, `Split off ${name}`, async (trx) => {
    const parent = await there(trx, id)
    const shelf = shelfAsUsed(studioShelf([]), parent.materials)
    const made = poured(parent, shelf)
    if (!made || !parent.madeOn) throw new Refused('refused', 'Finish the batch before splitting it.')
    const ml = grams / made.densityGPerMl
    if (ml > leftMl(parent, shelf) + 1e-6) throw new Refused('refused', `Only ${leftMl(parent, shelf).toFixed(1)} ml are left of it, about ${(leftMl(parent, shelf) * made.densityGPerMl).toFixed(1)} g. Take no more than that.`)
    const pours = made.ingredients.map(({ material, massG }) => ({ material: material.id, grams: (massG / made.massG) * grams, at, drawnG: 0 }))
    const child: Batch = {
      ...bare(parent), id: childId, name, number: await nextNumber(trx), parentId: parent.id, pours, targets: pours.map((one) => ({ material: one.material, grams: one.grams })),
      drops: [], jarMl: null, loss: 0, doneSteps: [], leftOut: parent.leftOut, madeOn: null, taken: [], looks: [], feel: unfelt, photo: null, note: '',
    }
    return [
      { kind: 'batch', id: parent.id, body: { ...bare(parent), taken: [...parent.taken, { ml, what: name, at }] } },
      { kind: 'batch', id: childId, body: child, seen: null },
    ]
  })
  return { ...written, id: childId }
} // prettier-ignore

/** A batch for every cell of a variation grid, named after it. */
export async function createGrid(
  db: Database,
  at: string,
  { mediumId, across, down, cellG }: { mediumId: string; across: GridAxis; down: GridAxis; cellG: number },
): Promise<Written & { readonly cells: number }> {
  const found = await analysed(db, mediumId)
  const base = found.made.ingredients.map(({ material, massG }) => ({ material: material.id, grams: massG }))
  const cells = variationGrid(base, across, down, cellG)
  if (!cells) throw new Refused('refused', 'Those shares leave no room for the rest of the recipe. Take smaller ones.')
  const first = begun(found, [])
  const written = await act(db, at, `Laid out a grid of ${found.medium.name}`, async (trx) => {
    const number = await nextNumber(trx)
    return cells.map(({ label, lines }, index): Wish => {
      const id = newId()
      return { kind: 'batch', id, seen: null, body: { ...first, id, name: `${found.medium.name} ${label}`, number: number + index, loss: 0, targets: lines.map((line) => ({ ...line })) } }
    })
  })
  return { ...written, cells: cells.length }
} // prettier-ignore

export async function removeBatch(db: Database, at: string, id: string, seen: number): Promise<Written> {
  const layer = (await list(db, 'layer')).find((one) => one.medium?.mediumId === id && !one.usedMedium)
  if (layer) throw new Refused('refused', `The layer ${layer.name} is planned with this batch. Choose another medium there first.`)
  return act(db, at, 'Removed a batch', async (trx) => {
    await there(trx, id)
    return [{ kind: 'batch', id, body: null, seen }]
  })
}
