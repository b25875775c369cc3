import { expect } from 'chai'
import { after, before, describe, it } from 'mocha'
import { newArea } from '../../src/document/picture/areas.ts'
import type { Database } from '../../src/store/database.ts'
import { find, list } from '../../src/store/records.ts'
import type { OpenStudio } from '../../src/store/open.ts'
import { createBatch, pour, splitBatch, finishBatch, saveBatch } from '../../src/studio/batches.ts'
import { doneWith, undoable } from '../../src/studio/done.ts'
import { logTouch, orderLayers, removeLayer, saveLayer } from '../../src/studio/layers.ts'
import { logPainted } from '../../src/studio/painted.ts'
import { removeMedium, saveMedium } from '../../src/studio/mediums.ts'
import { removePainting, savePainting } from '../../src/studio/paintings.ts'
import { saveShelfItem } from '../../src/studio/shelf.ts'
import { undoEvent, undoRemoval } from '../../src/studio/undo.ts'
import { layer, lot, medium, painting } from './bodies.ts'
import { emptyStudio } from './desk.ts'

const at = '2026-11-24T09:00'
const refusalOf = (work: Promise<unknown>): Promise<string> =>
  work.then(
    () => 'carried out',
    (error: Error) => error.message,
  )

describe('taking back', () => {
  let studio: OpenStudio
  let db: Database
  const write = () => ({ db, at })
  before(async () => {
    studio = await emptyStudio()
    db = studio.db
  })
  after(() => studio.close())

  it('a removal by what it removed brings back all that went with it, once', async () => {
    await savePainting(write(), painting('whole'), null)
    await saveLayer(write(), layer('under', 'whole', 0), null)
    await removePainting(write(), 'whole', 1)
    const { made } = await undoRemoval(write(), { kind: 'layer', id: 'under' })
    expect(made).to.have.members(['whole', 'under'])
    expect(await refusalOf(undoRemoval(write(), { kind: 'painting', id: 'whole' }))).to.include('changed')
    expect(await refusalOf(undoRemoval(write(), { kind: 'layer', id: 'never' }))).to.include('no longer')
  })
  it('only the fields it changed: what was typed elsewhere since stays', async () => {
    await saveMedium(write(), medium('two-fields'), null)
    const renamed = await saveMedium(write(), medium('two-fields', { name: 'Evening oil' }), 1)
    await saveMedium(write(), medium('two-fields', { name: 'Evening oil', note: 'warm it' }), 2)
    await undoEvent(write(), renamed.event)
    const { name, note } = (await find(db, 'medium', 'two-fields'))!
    expect([name, note]).to.deep.equal(['Medium two-fields', 'warm it'])
  })
  it('is refused where a field was changed again, and says which', async () => {
    await saveMedium(write(), medium('again'), null)
    const first = await saveMedium(write(), medium('again', { note: 'one' }), 1)
    await saveMedium(write(), medium('again', { note: 'two' }), 2)
    expect(await refusalOf(undoEvent(write(), first.event))).to.equal(
      'Medium again was changed again since (note). Take the later change back first.',
    )
  })
  it('of a beginning is refused while something rests on it, and says what', async () => {
    const begun = await savePainting(write(), painting('shed'), null)
    const added = await saveMedium(write(), medium('named'), null)
    const inside = await saveMedium(
      write(),
      medium('outer', { recipe: { lines: [{ medium: 'named', amount: 1, unit: 'part' }] } }),
      null,
    )
    const planned = layer('shed-1', 'shed', 0, { medium: { mediumId: 'outer', parts: 1 } })
    await saveLayer(write(), planned, null)
    expect(await refusalOf(undoEvent(write(), begun.event))).to.include('Layer shed-1 rests on Painting shed')
    expect(await refusalOf(undoEvent(write(), added.event))).to.include(
      'Medium outer is made with Medium named',
    )
    expect(await refusalOf(undoEvent(write(), inside.event))).to.include(
      'Layer shed-1 is planned with Medium outer',
    )
  })
  it('of a painted layer is refused once a finger was on it; of the finger first, then the paint', async () => {
    await savePainting(write(), painting('gate'), null)
    await saveLayer(write(), layer('gate-1', 'gate', 0), null)
    const painted = await logPainted(write(), 'gate-1')
    const touched = await logTouch(
      { db, at: '2026-11-25T09:00' },
      { layerId: 'gate-1', check: 'touch', passed: false, note: '' },
    )
    expect(await refusalOf(undoEvent(write(), painted.event))).to.include('has a touch test')
    await undoEvent(write(), touched.event)
    await undoEvent(write(), painted.event)
    expect((await find(db, 'layer', 'gate-1'))!.painted).to.equal(null)
  })
  it('of a removal is refused when what it belonged to is gone too', async () => {
    await savePainting(write(), painting('gone'), null)
    await saveLayer(write(), layer('gone-1', 'gone', 0), null)
    const removed = await removeLayer(write(), 'gone-1', 1)
    const all = await removePainting(write(), 'gone', 1)
    expect(await refusalOf(undoEvent(write(), removed.event))).to.include('This painting is no longer there')
    await undoEvent(write(), all.event)
    await undoEvent(write(), removed.event)
    expect((await find(db, 'layer', 'gone-1'))!.paintingId).to.equal('gone')
  })
  it('can itself be taken back', async () => {
    await saveMedium(write(), medium('redo'), null)
    const noted = await saveMedium(write(), medium('redo', { note: 'kept' }), 1)
    const undone = await undoEvent(write(), noted.event)
    await undoEvent(write(), undone.event)
    expect((await find(db, 'medium', 'redo'))!.note).to.equal('kept')
    expect(await refusalOf(undoEvent(write(), noted.event))).to.equal('That was taken back already.')
  })
  it('gives a pour back to the shelf, the last first', async () => {
    await saveShelfItem(write(), lot('walnut', { stockG: 100 }), null)
    await saveMedium(write(), medium('poured'), null)
    const { made } = await createBatch(write(), {
      mediumId: 'poured',
      by: { kind: 'mass', g: 50 },
      jarMl: null,
      byFeel: false,
    })
    const first = await pour(write(), made[0]!, 'walnut', 20)
    const second = await pour(write(), made[0]!, 'walnut', 10)
    expect(await refusalOf(undoEvent(write(), first.event))).to.match(/was changed again since \(.*pours/)
    await undoEvent(write(), second.event)
    await undoEvent(write(), first.event)
    expect((await find(db, 'shelf_item', 'walnut'))!.stockG).to.equal(100)
    expect((await find(db, 'batch', made[0]!))!.pours).to.deep.equal([])
  })
  it('of a split and of a batch is refused while a layer is planned with it', async () => {
    const { made } = await createBatch(write(), {
      mediumId: 'poured',
      by: { kind: 'mass', g: 50 },
      jarMl: null,
      byFeel: false,
    })
    await pour(write(), made[0]!, 'walnut', 50)
    await finishBatch(write(), made[0]!)
    const split = await splitBatch(write(), made[0]!, 20, 'Half')
    const child = split.made[0]!
    await savePainting(write(), painting('with-batch'), null)
    await saveLayer(
      write(),
      layer('with-batch-1', 'with-batch', 0, { medium: { mediumId: child, parts: 1 } }),
      null,
    )
    expect(await refusalOf(undoEvent(write(), split.event))).to.include(
      'Layer with-batch-1 is planned with Half',
    )
  })
  it('lists what was done to a picture, newest first, and what of it can be taken back', async () => {
    await savePainting(write(), painting('listed'), null)
    await saveLayer(write(), layer('listed-1', 'listed', 0), null)
    const moved = await saveLayer(write(), layer('listed-1', 'listed', 0, { note: 'x' }), 1)
    await undoEvent(write(), moved.event)
    const { entries } = await doneWith(db, { painting: 'listed' })
    expect(entries.map(({ what }) => what)).to.deep.equal([
      'Undid: Changed layer Layer listed-1',
      'Changed layer Layer listed-1',
      'Added layer Layer listed-1',
      'Began Painting listed',
    ])
    expect(entries.map(({ undone }) => undone)).to.deep.equal([false, true, false, false])
    expect(await undoable(db, { painting: 'listed' })).to.have.length(2)
  })
})

describe('what a write may not do', () => {
  let studio: OpenStudio
  let db: Database
  const write = () => ({ db, at })
  before(async () => {
    studio = await emptyStudio()
    db = studio.db
    await savePainting(write(), painting('p'), null)
    await savePainting(write(), painting('q'), null)
    await saveLayer(write(), layer('p-1', 'p', 0), null)
  })
  after(() => studio.close())

  it('begin a thing anew at its first revision: an old copy stays stale', async () => {
    await saveMedium(write(), medium('twice'), null)
    await saveMedium(write(), medium('twice', { note: 'a' }), 1)
    await removeMedium(write(), 'twice', 2)
    const again = await saveMedium(write(), medium('twice'), null)
    expect(again.revisions['twice']).to.equal(4)
    expect(await refusalOf(saveMedium(write(), medium('twice', { note: 'old' }), 2))).to.include(
      'changed elsewhere',
    )
  })
  it('move a layer into another picture', async () => {
    expect(await refusalOf(saveLayer(write(), layer('p-1', 'q', 0), 1))).to.include('stays where it was made')
    expect((await find(db, 'layer', 'p-1'))!.paintingId).to.equal('p')
  })
  it('name a medium that is not there', async () => {
    const planned = layer('p-2', 'p', 1, { medium: { mediumId: 'never-was', parts: 1 } })
    expect(await refusalOf(saveLayer(write(), planned, null))).to.include('names a medium that is not there')
  })
  it('put another batch in the place of the one asked for', async () => {
    await saveMedium(write(), medium('m'), null)
    const { made } = await createBatch(write(), {
      mediumId: 'm',
      by: { kind: 'mass', g: 50 },
      jarMl: null,
      byFeel: false,
    })
    const { revision, ...body } = (await find(db, 'batch', made[0]!))!
    expect(await refusalOf(saveBatch(write(), 'another', body, revision))).to.include('no longer there')
    expect(await refusalOf(saveBatch(write(), made[0]!, { ...body, id: 'another' }, revision))).to.include(
      'not the one that was asked for',
    )
  })
  it('take a part of the picture away while a layer lies in it', async () => {
    const sky = { ...newArea('sky', 'sky'), share: 0.4 }
    await savePainting(write(), painting('parts', { areas: [sky] }), null)
    await saveLayer(write(), layer('parts-1', 'parts', 0, { areas: ['sky'] }), null)
    expect(await refusalOf(savePainting(write(), painting('parts'), 1))).to.equal(
      'Layer parts-1 lies in sky. Give it another part of the picture first.',
    )
    await saveLayer(write(), layer('parts-1', 'parts', 0), 1)
    await savePainting(write(), painting('parts'), 1)
  })
  it('lay an unpainted layer under a painted one, nor order layers that were moved since', async () => {
    await saveLayer(write(), layer('q-1', 'q', 0), null)
    await saveLayer(write(), layer('q-2', 'q', 1), null)
    await logPainted(write(), 'q-1')
    expect(await refusalOf(orderLayers(write(), 'q', ['q-2', 'q-1'], ['q-1', 'q-2']))).to.match(
      /painted already|not painted yet/,
    )
    expect(await refusalOf(orderLayers(write(), 'q', ['q-1', 'q-2'], ['q-2', 'q-1']))).to.include(
      'changed elsewhere',
    )
  })
  it('take up a medium in the very moment it is removed: one of the two is refused', async () => {
    for (let round = 0; round < 8; round++) {
      const id = `race-${round}`
      await saveMedium(write(), medium(id), null)
      const [taken, removed] = await Promise.all([
        refusalOf(
          saveLayer(
            write(),
            layer(`l-${round}`, 'p', 10 + round, { medium: { mediumId: id, parts: 1 } }),
            null,
          ),
        ),
        refusalOf(removeMedium(write(), id, 1)),
      ])
      expect([taken, removed].filter((one) => one === 'carried out')).to.have.length(1)
    }
  })
  it('be carried out twice under one key: the second is answered as the first was', async () => {
    const once = { db, at, once: 'a-key-of-its-own' }
    const first = await saveLayer(once, layer('once', 'p', 50), null)
    const second = await saveLayer(once, layer('once', 'p', 50), null)
    expect(second.event).to.equal(first.event)
    expect(second.made).to.deep.equal(['once'])
    expect((await list(db, 'layer')).filter(({ id }) => id === 'once')).to.have.length(1)
  })
})

describe('a clock that goes back', () => {
  let studio: OpenStudio
  let db: Database
  before(async () => {
    studio = await emptyStudio()
    db = studio.db
    await savePainting({ db, at }, painting('p'), null)
    await saveLayer({ db, at }, layer('p-1', 'p', 0), null)
    await saveLayer({ db, at }, layer('p-2', 'p', 1), null)
    await logPainted({ db, at }, 'p-1')
  })
  after(() => studio.close())
  const yesterday = '2026-11-23T09:00'

  it('keeps nobody from a painted layer: it is touched, noted and painted over', async () => {
    await logTouch({ db, at: yesterday }, { layerId: 'p-1', check: 'touch', passed: false, note: '' })
    const { revision, ...body } = (await find(db, 'layer', 'p-1'))!
    await saveLayer({ db, at: yesterday }, { ...body, note: 'sunk a little' }, revision)
    await logPainted({ db, at: yesterday }, 'p-2')
    expect((await find(db, 'layer', 'p-2'))!.painted!.at).to.equal(at)
  })
  it('is no licence for the future: a minute given by hand after now is refused', async () => {
    await saveLayer({ db, at }, layer('p-3', 'p', 2), null)
    expect(await refusalOf(logPainted({ db, at }, 'p-3', { paintedAt: '2026-12-24T09:00' }))).to.include(
      'in the future',
    )
  })
})
