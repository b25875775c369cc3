import { listed } from '../core/words.ts'
import { paintedAtOf } from '../document/brush.ts'
import { settledByPainting } from '../document/layer.ts'
import type { LayerDocument, PlannedLayer } from '../document/layer.ts'
import { blankFinger } from '../document/blank/blankFinger.ts'
import type { FingerTold } from '../document/finger.ts'
import type { Trx } from '../store/database.ts'
import { bare, changedFields, StaleWrite } from '../store/history.ts'
import type { Wish } from '../store/history.ts'
import { find, listOf } from '../store/records.ts'
import { commit, doneAt, findOrRefuse } from './commit.ts'
import type { Write, Written } from './commit.ts'
import { latest } from './integrity.ts'
import { paintsOfToday } from './paintsOfToday.ts'
import { refused } from './refused.ts'

/** A plan as the painter wrote it; `seen` is the revision it was written over, null: it is new. */
export interface LayerWrite {
  readonly layer: PlannedLayer
  readonly seen: number | null
}

/** Adds a layer when `seen` is null, changes its plan otherwise; what was used is not the painter's to write here. */
export const saveLayer = (write: Write, plan: PlannedLayer, seen: number | null): Promise<Written> =>
  commit(write, async (trx) => ({
    what: `${seen === null ? 'Added' : 'Changed'} layer ${plan.name}`,
    paintingId: plan.paintingId,
    wishes: [await planned(trx, { layer: plan, seen })],
  }))

/** Adds and changes several layers of one painting in one step, that one undo takes back. */
export const saveLayers = (
  write: Write,
  paintingId: string,
  layers: readonly LayerWrite[],
): Promise<Written> =>
  commit(write, async (trx) => {
    const elsewhere = layers.find(({ layer }) => layer.paintingId !== paintingId)
    if (elsewhere) throw refused(`${elsewhere.layer.name} is a layer of another painting.`)
    const wishes: Wish[] = []
    for (const one of layers) wishes.push(await planned(trx, one))
    const fresh = layers.filter(isNew)
    const names = listed((fresh.length > 0 ? fresh : layers).map(({ layer }) => layer.name))
    const what = `${fresh.length > 0 ? 'Added' : 'Changed'} layer ${names}`
    return { what, paintingId, wishes }
  })

const isNew = ({ seen }: LayerWrite): boolean => seen === null

/** A plan as it is stored, over what is on record of the layer. */
async function planned(trx: Trx, { layer: plan, seen }: LayerWrite): Promise<Wish> {
  await findOrRefuse(trx, 'painting', plan.paintingId)
  const before = await find(trx, 'layer', plan.id)
  if (before?.painted && changedFields(before, plan).some((field) => settled.includes(field)))
    throw refused(`${before.name} is painted: what was used is kept as it was. Correct it instead.`)
  const { painted = null, corrections = [], mixed = [] } = before ?? {}
  const paints = painted ? plan.paints : await paintsOfToday(trx, plan.paints)
  return { kind: 'layer', id: plan.id, body: { ...plan, paints, painted, corrections, mixed }, seen }
}

const settled: readonly string[] = settledByPainting

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

/** Plans a layer for a day, or, with none, for as soon as it may be. */
export const planLayer = (write: Write, id: string, on: string | null): Promise<Written> =>
  commit(write, async (trx) => {
    const { revision, ...layer } = await findOrRefuse(trx, 'layer', id)
    if (layer.painted)
      throw refused(`${layer.name} is painted already. Correct the day it was painted instead.`)
    return {
      what:
        on === null ? `Planned ${layer.name} for as soon as it may be` : `Planned ${layer.name} for ${on}`,
      paintingId: layer.paintingId,
      wishes: [{ kind: 'layer', id, body: { ...layer, plannedOn: on }, seen: revision }],
    }
  })

/** Logs a finger on a layer. Without a minute it is now, or, should the clock have gone back, the minute it was painted. */
export const logTouch = (
  write: Write,
  { at, tapped, layerId, ...told }: FingerTold & { readonly layerId: string },
): Promise<Written> =>
  commit(write, async (trx) => {
    const layer = await findOrRefuse(trx, 'layer', layerId)
    const id = crypto.randomUUID()
    const body = {
      layerId,
      ...blankFinger({ ...told, id, at: at ?? latest([doneAt(write, tapped), paintedAtOf(layer)]) }),
    }
    return {
      what: `Touched ${layer.name}`,
      paintingId: layer.paintingId,
      wishes: [{ kind: 'touch_test', id, body, seen: null }],
    }
  })

/** Takes a touch test out of all reckoning, or back into it; it stays on record. */
export const countTouch = (write: Write, id: string, counts: boolean, seen: number): Promise<Written> =>
  commit(write, async (trx) => {
    const { revision: _seen, ...test } = await findOrRefuse(trx, 'touch_test', id)
    const { name, paintingId } = await findOrRefuse(trx, 'layer', test.layerId)
    return {
      what: `${counts ? 'Counts' : 'Took out'} a touch test of ${name}`,
      paintingId,
      wishes: [{ kind: 'touch_test', id, body: { ...test, counts }, seen }],
    }
  })

/** Takes a touch test back. */
export const removeTouch = (write: Write, id: string, seen: number): Promise<Written> =>
  commit(write, async (trx) => {
    const test = await findOrRefuse(trx, 'touch_test', id)
    const { name, paintingId } = await findOrRefuse(trx, 'layer', test.layerId)
    return {
      what: `Took back a touch test of ${name}`,
      paintingId,
      wishes: [{ kind: 'touch_test', id, body: null, seen }],
    }
  })
