import { variationGrid } from '../core/batch/grid.ts'
import type { GridAxis } from '../core/batch/grid.ts'
import { methodOf, unsettled } from '../core/batch/method.ts'
import { repairOf, volumeMlOf } from '../core/batch/pouring.ts'
import { timesFor, wholeDrops } from '../core/batch/scaling.ts'
import type { ScaleBy } from '../core/batch/scaling.ts'
import { findInLibrary } from '../core/materials/find.ts'
import { unfitnessOf } from '../core/dosing/fitness.ts'
import { analyseMedium } from '../core/medium/medium.ts'
import type { Medium } from '../core/medium/medium.ts'
import type { Batch } from '../document/batch.ts'
import { finished, withoutLastPour, withPour } from '../document/jar/batchDeeds.ts'
import { batchTitle, leftMl, poured } from '../document/batchMedium.ts'
import type { MediumDocument } from '../document/recipe.ts'
import type { ShelfItem } from '../document/shelf.ts'
import { findAsUsed, findInStudio } from '../document/studioMaterials.ts'
import type { Revised } from '../document/studio.ts'
import type { Trx } from '../store/database.ts'
import { bare } from '../store/history.ts'
import type { Wish } from '../store/history.ts'
import { find, lastBatchNumber } from '../store/records.ts'
import { closureOf } from './closure.ts'
import { commit, findOrRefuse } from './commit.ts'
import type { Write, Written } from './commit.ts'
import { refused } from './refused.ts'

/** Making batches. Every pour, and what it takes from the shelf, is one transaction and one event. */

interface Made {
  readonly medium: MediumDocument
  readonly made: Medium
  readonly items: readonly ShelfItem[]
}

async function analysed(trx: Trx, mediumId: string): Promise<Made> {
  const medium = await findOrRefuse(trx, 'medium', mediumId)
  const { mediums, items } = await closureOf(trx, [medium.recipe])
  const known = new Map(mediums.map((one) => [one.id, one]))
  const made = analyseMedium(medium.recipe, findInStudio(items), (id) => known.get(id), [medium.id])
  if (!made.ok) throw refused(`${medium.name} cannot be made yet: ${made.problems[0]!.message}`)
  return { medium: bare(medium), made: made.medium, items: items.map(bare) }
}

const nextNumber = async (trx: Trx): Promise<number> => (await lastBatchNumber(trx)) + 1

const unfelt: Batch['feel'] = { viscosity: null, tack: null, string: null, spike: null, levelling: null }

function begun({ medium, made, items }: Made, targets: Batch['targets']): Omit<Batch, 'number'> {
  const inIt = new Set(made.ingredients.map(({ material }) => material.id))
  return {
    id: crypto.randomUUID(),
    name: medium.name,
    mediumId: medium.id,
    parentId: null,
    targets,
    drops: [],
    dropper: [],
    pours: [],
    jarMl: null,
    loss: 0,
    keptCold: false,
    doneSteps: [],
    leftOut: [],
    madeOn: null,
    taken: [],
    looks: [],
    feel: unfelt,
    photo: null,
    materials: items.filter(({ id }) => inIt.has(id)),
    note: '',
  }
}

export interface NewBatch {
  readonly mediumId: string
  readonly by: ScaleBy
  readonly jarMl: number | null
  readonly byFeel: boolean
  readonly loss?: number | undefined
}

/** Begins a batch of a recipe, scaled; by feel, with no amounts to keep to. */
export const createBatch = (
  write: Write,
  { mediumId, by, jarMl, byFeel, loss }: NewBatch,
): Promise<Written> =>
  commit(write, async (trx) => {
    const found = await analysed(trx, mediumId)
    const { medium, made } = found
    const unfit = unfitnessOf(made)
    if (unfit?.refused) throw refused(unfit.message)
    const scaled = timesFor(made, by)
    if (!scaled.ok) throw refused(scaled.message)
    const { times } = scaled
    const volumeMl = made.volumeMl * times
    if (volumeMl > (jarMl ?? Infinity))
      throw refused(
        `That makes ${Math.round(volumeMl)} ml, and the jar holds ${jarMl} ml. Make less, or take a larger jar.`,
      )
    const drops = dropsOf(medium.recipe, times)
    const targets = made.ingredients.map(({ material, massG }) => {
      const inDrops = drops.find((one) => one.material === material.id)
      return { material: material.id, grams: byFeel ? 0 : massG * times * (1 + (inDrops?.error ?? 0)) }
    })
    const base = begun(found, targets)
    const body: Batch = {
      ...base,
      number: await nextNumber(trx),
      jarMl,
      drops: byFeel ? [] : drops,
      loss: loss ?? (by.kind === 'tubes' ? by.loss : base.loss),
    }
    return {
      what: `Began a batch of ${medium.name}`,
      wishes: [{ kind: 'batch', id: base.id, body, seen: null }],
    }
  })

const dropsOf = (recipe: MediumDocument['recipe'], times: number): Batch['drops'] =>
  recipe.lines.flatMap((line) => {
    const whole = wholeDrops(line, times)
    return whole && 'material' in line ? [{ material: line.material, ...whole }] : []
  })

/** One batch changed by what is found in it, in one step. */
const change = (
  write: Write,
  id: string,
  what: (batch: Revised<Batch>) => string,
  changed: (batch: Revised<Batch>, trx: Trx) => Promise<readonly Wish[]>,
): Promise<Written> =>
  commit(write, async (trx) => {
    const batch = await findOrRefuse(trx, 'batch', id)
    return { what: what(batch), wishes: await changed(batch, trx) }
  })

const become = (batch: Revised<Batch>, fields: Partial<Batch>): Wish => ({
  kind: 'batch',
  id: batch.id,
  body: { ...bare(batch), ...fields },
})

/** Steps, feel, looks, what was taken, the note: everything but what is poured, which only pouring changes. */
export const saveBatch = (write: Write, id: string, batch: Batch, seen: number): Promise<Written> =>
  change(
    write,
    id,
    () => `Changed ${batchTitle(batch)}`,
    ({ pours, number }) => {
      if (batch.id !== id) throw refused('The batch sent is not the one that was asked for.')
      return Promise.resolve([{ kind: 'batch', id, body: { ...batch, pours, number }, seen }])
    },
  )

/** The shelf's entry with so much less (or more) in stock; nothing where stock is not kept count of. */
const restocked = (item: Revised<ShelfItem> | null, takenG: number): readonly Wish[] =>
  item && item.stockG !== null && takenG !== 0
    ? [{ kind: 'shelf_item', id: item.id, body: { ...bare(item), stockG: item.stockG - takenG } }]
    : []

export const pour = (write: Write, id: string, material: string, grams: number): Promise<Written> =>
  change(
    write,
    id,
    () => `Poured ${Number(grams.toPrecision(4))} g`,
    async (batch, trx) => {
      if (batch.madeOn) throw refused('This batch is finished. Begin another, or split this one.')
      const item = await find(trx, 'shelf_item', material)
      if (!item && !findInLibrary(material))
        throw refused('That material is not on the shelf. Choose one from the list.')
      const drawnG = Math.min(item?.stockG ?? 0, grams)
      const isNewLot = item && !batch.materials.some((one) => one.id === material)
      return [
        become(batch, {
          ...withPour(batch, { material, grams, at: write.at, drawnG }),
          materials: isNewLot ? [...batch.materials, bare(item)] : batch.materials,
        }),
        ...restocked(item, drawnG),
      ]
    },
  )

/** Takes the last pour back, and puts it back on the shelf. */
export const unpour = (write: Write, id: string): Promise<Written> =>
  change(
    write,
    id,
    () => 'Took the last pour back',
    async (batch, trx) => {
      const last = batch.pours.at(-1)
      if (!last) throw refused('Nothing is poured yet.')
      if (batch.madeOn) throw refused('This batch is finished; what was poured stands.')
      return [
        become(batch, withoutLastPour(batch)),
        ...restocked(await find(trx, 'shelf_item', last.material), -last.drawnG),
      ]
    },
  )

/** The lots it was made of, as they were; whatever is not one of them is the book's. */
const findOfBatch = (batch: Batch) => findAsUsed(findInLibrary, batch.materials)

/** Recomputes the other lines around what was poured too much. Refused when the jar cannot hold it. */
export const repairBatch = (write: Write, id: string): Promise<Written> =>
  change(
    write,
    id,
    () => 'Recomputed the batch',
    (batch) => {
      const repair = repairOf(batch.targets, batch.pours)
      if (!repair) throw refused('Nothing is poured over its amount.')
      const volume = volumeMlOf(repair.targets, findOfBatch(batch))
      if (batch.jarMl !== null && volume > batch.jarMl)
        throw refused(
          `Put right it would be ${Math.round(volume)} ml, and the jar holds ${batch.jarMl} ml. Take a larger jar, pour some out, or keep it as it stands.`,
        )
      return Promise.resolve([become(batch, { targets: [...repair.targets] })])
    },
  )

export const finishBatch = (write: Write, id: string, as?: string): Promise<Written> =>
  change(
    write,
    id,
    () => 'Finished a batch',
    (batch) => {
      if (batch.pours.length === 0) throw refused('Nothing is poured yet, so there is nothing to finish.')
      const findMaterial = findOfBatch(batch)
      const steps = methodOf(batch.targets.flatMap(({ material }) => findMaterial(material) ?? []))
      const [open] = unsettled(steps, batch.doneSteps, batch.leftOut)
      if (open)
        throw refused(`“${open.title}” is neither done nor left out knowingly. Settle it under Method first.`)
      return Promise.resolve([become(batch, finished(batch, write.at, as))])
    },
  )

/** Takes so many grams of a finished batch as the beginning of another, which inherits what is in them. */
export const splitBatch = (write: Write, id: string, grams: number, name: string): Promise<Written> =>
  change(
    write,
    id,
    () => `Split off ${name}`,
    async (parent, trx) => {
      const findMaterial = findOfBatch(parent)
      const made = poured(parent, findMaterial)
      if (!made || !parent.madeOn) throw refused('Finish the batch before splitting it.')
      const ml = grams / made.densityGPerMl
      const left = leftMl(parent, findMaterial)
      if (ml > left + 1e-6)
        throw refused(
          `Only ${left.toFixed(1)} ml are left of it, about ${(left * made.densityGPerMl).toFixed(1)} g. Take no more than that.`,
        )
      const child = childOf(parent, made, { grams, name, at: write.at, number: await nextNumber(trx) })
      return [
        become(parent, { taken: [...parent.taken, { ml, what: name, at: write.at }] }),
        { kind: 'batch', id: child.id, body: child, seen: null },
      ]
    },
  )

function childOf(
  parent: Revised<Batch>,
  made: Medium,
  { grams, name, at, number }: { grams: number; name: string; at: string; number: number },
): Batch {
  const pours = made.ingredients.map(({ material, massG }) => ({
    material: material.id,
    grams: (massG / made.massG) * grams,
    at,
    drawnG: 0,
  }))
  return {
    ...bare(parent),
    id: crypto.randomUUID(),
    name,
    number,
    parentId: parent.id,
    pours,
    targets: pours.map((one) => ({ material: one.material, grams: one.grams })),
    drops: [],
    jarMl: null,
    loss: 0,
    doneSteps: [],
    madeOn: null,
    taken: [],
    looks: [],
    feel: unfelt,
    photo: null,
    note: '',
  }
}

export interface NewGrid {
  readonly mediumId: string
  readonly across: GridAxis
  readonly down: GridAxis
  readonly cellG: number
}

/** A batch for every cell of a variation grid, named after it. */
export const createGrid = (write: Write, { mediumId, across, down, cellG }: NewGrid): Promise<Written> =>
  commit(write, async (trx) => {
    const found = await analysed(trx, mediumId)
    const base = found.made.ingredients.map(({ material, massG }) => ({
      material: material.id,
      grams: massG,
    }))
    const cells = variationGrid(base, across, down, cellG)
    if (!cells) throw refused('Those shares leave no room for the rest of the recipe. Take smaller ones.')
    const first = begun(found, [])
    const number = await nextNumber(trx)
    const wishes = cells.map(({ label, lines }, index): Wish => {
      const id = crypto.randomUUID()
      const body: Batch = {
        ...first,
        id,
        name: `${found.medium.name} ${label}`,
        number: number + index,
        loss: 0,
        targets: lines.map((line) => ({ ...line })),
      }
      return { kind: 'batch', id, seen: null, body }
    })
    return { what: `Laid out a grid of ${found.medium.name}`, wishes }
  })

/** Refused while a planned layer names it. */
export const removeBatch = (write: Write, id: string, seen: number): Promise<Written> =>
  commit(write, async (trx) => {
    await findOrRefuse(trx, 'batch', id)
    return { what: 'Removed a batch', wishes: [{ kind: 'batch', id, body: null, seen }] }
  })
