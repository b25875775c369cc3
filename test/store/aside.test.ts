import { expect } from 'chai'
import { after, before, describe, it } from 'mocha'
import type { Database } from '../../src/store/database.ts'
import { find, fitting, list, Unfit } from '../../src/store/records.ts'
import type { OpenStudio } from '../../src/store/open.ts'
import { asideList, settleAside } from '../../src/studio/asideList.ts'
import { createBatch, createGrid, pour, repairBatch, splitBatch } from '../../src/studio/batches.ts'
import { batchPage } from '../../src/studio/lists/batchList.ts'
import { mediumPage } from '../../src/studio/lists/mediumList.ts'
import { saveLayer } from '../../src/studio/layers.ts'
import { logPainted } from '../../src/studio/painted.ts'
import { saveMedium } from '../../src/studio/mediums.ts'
import { savePainting } from '../../src/studio/paintings.ts'
import { saveShelfItem } from '../../src/studio/shelf.ts'
import { undoEvent } from '../../src/studio/undo.ts'
import { emptyBatch, layer, lot, medium, painting } from '../studio/bodies.ts'
import { emptyStudio } from '../studio/desk.ts'

const at = '2026-11-24T09:00'
const unfit = (work: Promise<unknown>): Promise<boolean> =>
  work.then(
    () => false,
    (error: unknown) => {
      if (error instanceof Unfit) return true
      throw error
    },
  )

describe('a write the reader would refuse is refused itself', () => {
  let studio: OpenStudio
  let db: Database
  const write = () => ({ db, at })
  const put = async (body: ReturnType<typeof emptyBatch>): Promise<void> => {
    await db
      .insertInto('batch')
      .values({ id: body.id, revision: 1, version: 1, title: body.name, body: JSON.stringify(body) })
      .execute()
  }
  before(async () => {
    studio = await emptyStudio()
    db = studio.db
  })
  after(async () => {
    // Whatever was tried, everything stored can still be read.
    for (const kind of ['medium', 'batch', 'shelf_item', 'painting', 'layer'] as const) await list(db, kind)
    expect((await asideList(db)).count).to.equal(0)
    await studio.close()
  })
  const scaled = (mediumId: string, by: Parameters<typeof createBatch>[1]['by']) =>
    createBatch(write(), { mediumId, by, jarMl: null, byFeel: false })

  it('a batch of a thousand tubes of a cubic metre', async () => {
    await saveMedium(write(), medium('oil'), null)
    expect(await unfit(scaled('oil', { kind: 'tubes', count: 1000, ml: 1e6, loss: 0 }))).to.equal(true)
  })
  it('a recipe in drops scaled to 20 litres', async () => {
    const recipe = {
      lines: [
        { material: 'walnut', amount: 50, unit: 'drop' as const },
        { material: 'linseed_stand_oil', amount: 10, unit: 'drop' as const },
      ],
    }
    await saveMedium(write(), medium('drops', { recipe }), null)
    expect(await unfit(scaled('drops', { kind: 'volume', ml: 20_000 }))).to.equal(true)
  })
  it('what one thing allows, when there is next to nothing of it in the recipe', async () => {
    const recipe = {
      lines: [
        { material: 'walnut', amount: 1e5, unit: 'g' as const },
        { material: 'damar', amount: 1, unit: 'g' as const },
      ],
    }
    await saveMedium(write(), medium('trace', { recipe }), null)
    expect(await unfit(scaled('trace', { kind: 'item', material: 'damar', g: 1000 }))).to.equal(true)
  })
  it('the 2,001st pour', async () => {
    const pours = Array.from({ length: 2000 }, () => ({ material: 'walnut', grams: 1, at, drawnG: 0 }))
    await put(emptyBatch('full', { pours, targets: [{ material: 'walnut', grams: 2000 }] }))
    expect(await unfit(pour(write(), 'full', 'walnut', 1))).to.equal(true)
  })
  it('an overpour so large that putting it right goes over a tonne', async () => {
    const targets = [
      { material: 'walnut', grams: 1e-5 },
      { material: 'damar', grams: 10 },
    ]
    await put(emptyBatch('over', { targets, pours: [{ material: 'walnut', grams: 10, at, drawnG: 0 }] }))
    expect(await unfit(repairBatch(write(), 'over'))).to.equal(true)
  })
  it('the thousand-and-first time something is taken', async () => {
    const taken = Array.from({ length: 1000 }, () => ({ ml: 0.001, what: 'a dab', at }))
    const pours = [{ material: 'walnut', grams: 500, at, drawnG: 0 }]
    await put(
      emptyBatch('taken', { taken, pours, madeOn: at, targets: [{ material: 'walnut', grams: 500 }] }),
    )
    expect(await unfit(splitBatch(write(), 'taken', 10, 'Half'))).to.equal(true)
  })
  it('a batch after the millionth', async () => {
    await put(emptyBatch('millionth', { number: 1_000_000 }))
    expect(await unfit(scaled('oil', { kind: 'mass', g: 10 }))).to.equal(true)
    await db.deleteFrom('batch').where('id', '=', 'millionth').execute()
  })
  it('a name that grows past 120 letters by what is added to it', async () => {
    const name = 'x'.repeat(119)
    const recipe = {
      lines: [
        { material: 'walnut', amount: 50, unit: 'g' as const },
        { material: 'damar', amount: 5, unit: 'g' as const },
        { material: 'beeswax', amount: 5, unit: 'g' as const },
      ],
    }
    await saveMedium(write(), medium('long', { name, recipe }), null)
    const grid = {
      mediumId: 'long',
      across: { material: 'damar', shares: [0.1] },
      down: { material: 'beeswax', shares: [0.1] },
      cellG: 10,
    }
    expect(await unfit(createGrid(write(), grid))).to.equal(true)
  })
  it('a layer painted with a batch whose name is too long with its number', async () => {
    const pours = [{ material: 'walnut', grams: 50, at, drawnG: 0 }]
    await put(
      emptyBatch('named', { name: 'y'.repeat(118), pours, targets: [{ material: 'walnut', grams: 50 }] }),
    )
    await savePainting(write(), painting('p'), null)
    await saveLayer(write(), layer('l', 'p', 0, { medium: { mediumId: 'named', parts: 1 } }), null)
    expect(await unfit(logPainted(write(), 'l'))).to.equal(true)
    expect((await find(db, 'layer', 'l'))!.painted).to.equal(null)
  })
  it('stock brought over a tonne', () => {
    expect(() => fitting('shelf_item', lot('heavy', { stockG: 1e6 + 1 }))).to.throw(Unfit)
  })
})

describe('what cannot be read', () => {
  let studio: OpenStudio
  let db: Database
  const write = () => ({ db, at })
  before(async () => {
    studio = await emptyStudio()
    db = studio.db
    await saveMedium(write(), medium('good'), null)
    await saveMedium(write(), medium('spoilt'), null)
    await saveMedium(write(), medium('spoilt', { note: 'last good word' }), 1)
    await saveMedium(write(), medium('spoilt', { note: 'then it broke' }), 2)
    await saveShelfItem(write(), lot('lot'), null)
    await put('medium', 'spoilt', '{"id":"spoilt","name":""}')
    await put('shelf_item', 'lot', 'no JSON at all')
  })
  after(() => studio.close())
  const put = (kind: 'medium' | 'shelf_item', id: string, body: string) =>
    db.updateTable(kind).set({ body }).where('id', '=', id).execute()

  it('takes no list down: the rest is there, and it is set aside with why', async () => {
    expect((await list(db, 'medium')).map(({ id }) => id)).to.deep.equal(['good'])
    expect((await mediumPage(db)).entries.map(({ id }) => id)).to.deep.equal(['good'])
    expect((await batchPage(db, at)).count).to.equal(0)
    await list(db, 'shelf_item')
    const { entries } = await asideList(db)
    expect(entries.map(({ id, why }) => [id, why])).to.deep.include.members([
      ['lot', 'What is stored is not whole.'],
    ])
    expect(entries.find(({ id }) => id === 'spoilt')!.stored).to.equal('{"id":"spoilt","name":""}')
  })
  it('is put back as it was last good, and that can be undone like anything', async () => {
    const put = await settleAside(write(), { kind: 'medium', id: 'spoilt', then: 'restore' })
    expect((await find(db, 'medium', 'spoilt'))!.note).to.equal('last good word')
    expect((await asideList(db)).entries.map(({ id }) => id)).to.not.include('spoilt')
    const refusal = await undoEvent(write(), put.event).catch((error: Error) => error.message)
    expect(refusal).to.include('cannot be read any more')
  })
  it('without an earlier good version can only be taken away', async () => {
    const refusal = await settleAside(write(), { kind: 'shelf_item', id: 'lot', then: 'restore' }).catch(
      (error: Error) => error.message,
    )
    expect(refusal).to.include('No earlier version of this material can be read')
    await settleAside(write(), { kind: 'shelf_item', id: 'lot', then: 'remove' })
    expect((await asideList(db)).count).to.equal(0)
  })
})
