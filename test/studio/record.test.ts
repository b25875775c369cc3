import { expect } from 'chai'
import { after, before, describe, it } from 'mocha'
import { startOf } from '../../src/document/picture/eventStart.ts'
import { newArea } from '../../src/document/picture/areas.ts'
import { eventOfKind } from '../../src/document/picture/eventStart.ts'
import { saveLayer, saveLayers } from '../../src/studio/layers.ts'
import { logPainted } from '../../src/studio/painted.ts'
import { paintingPage, paintingsQuery } from '../../src/studio/lists/paintingList.ts'
import { savePainting } from '../../src/studio/paintings.ts'
import { todayEntries } from '../../src/studio/lists/todayList.ts'
import { undoEvent } from '../../src/studio/undo.ts'
import { find, listOf } from '../../src/store/records.ts'
import { layer, painting } from './bodies.ts'
import { demoStudio, emptyStudio, judgeAll, now } from './desk.ts'

const refusalOf = (work: Promise<unknown>): Promise<string> =>
  work.then(
    () => 'carried out',
    (error: Error) => error.message,
  )

describe('several layers written at once', () => {
  let studio: Awaited<ReturnType<typeof emptyStudio>>
  const write = () => ({ db: studio.db, at: now })
  const names = async () =>
    [...(await listOf(studio.db, 'layer', ['p']))]
      .sort((a, b) => a.position - b.position)
      .map(({ name }) => name)
  before(async () => {
    studio = await emptyStudio()
    await savePainting(write(), painting('p'), null)
    await saveLayer(write(), layer('a', 'p', 0), null)
    await saveLayer(write(), layer('b', 'p', 1), null)
  })
  after(() => studio.close())

  it('make room for one among them in one step, that one undo takes back', async () => {
    const between = layer('c', 'p', 1, { name: 'Between' })
    const over = { layer: layer('b', 'p', 2), seen: 1 }
    const { event, what } = await saveLayers(write(), 'p', [{ layer: between, seen: null }, over])
    expect(what).to.equal('Added layer Between')
    expect(await names()).to.deep.equal(['Layer a', 'Between', 'Layer b'])
    await undoEvent(write(), event)
    expect(await names()).to.deep.equal(['Layer a', 'Layer b'])
  })
  it('are all refused where one is stale, or of another painting', async () => {
    const stale = [
      { layer: layer('d', 'p', 2), seen: null },
      { layer: layer('b', 'p', 3), seen: 77 },
    ]
    expect(await refusalOf(saveLayers(write(), 'p', stale))).to.not.equal('carried out')
    await savePainting(write(), painting('q'), null)
    const other = [{ layer: layer('e', 'q', 0), seen: null }]
    expect(await refusalOf(saveLayers(write(), 'p', other))).to.include('another painting')
    expect(await names()).to.deep.equal(['Layer a', 'Layer b'])
  })
  it('a layer painted elsewhere than planned keeps its plan beside what was done', async () => {
    const areas = [newArea('sky', 'sky'), newArea('sea', 'sea')]
    await savePainting(write(), painting('r', { areas }), null)
    const plan = layer('r-1', 'r', 0, { plannedOn: '2026-11-20' })
    await saveLayer(write(), plan, null)
    await logPainted(write(), 'r-1', { areas: ['sky'] })
    const stored = (await find(studio.db, 'layer', 'r-1'))!
    expect([stored.areas, stored.painted!.areas]).to.deep.equal([[], ['sky']])
    expect(stored.plannedOn).to.equal('2026-11-20')
  })
})

describe('what takes paint off, in the lists', () => {
  it('is no film to be touched, nor a band of the picture', async () => {
    const { db, close } = await emptyStudio()
    const write = { db, at: now }
    await savePainting(write, painting('p'), null)
    await saveLayer(write, layer('a', 'p', 0), null)
    await logPainted(write, 'a')
    await saveLayer(write, layer('b', 'p', 1, { ...startOf('wipe'), event: eventOfKind('wipe') }), null)
    await judgeAll(db, now)
    const [entry] = await todayEntries(db, now)
    expect([entry!.readiness, entry!.next!.kind]).to.deep.equal(['ready', 'wipe'])
    await logPainted(write, 'b')
    await judgeAll(db, now)
    expect(await todayEntries(db, now)).to.deep.equal([])
    expect((await paintingPage(db, now)).entries[0]!.bands).to.deep.equal([])
    await close()
  })
})

describe('sixty pictures, and the one that is looked for', () => {
  let studio: Awaited<ReturnType<typeof demoStudio>>
  const titles = async (query: Parameters<typeof paintingPage>[2]) =>
    (await paintingPage(studio.db, now, query)).entries.map(({ title }) => title)
  before(async () => {
    studio = await demoStudio()
  })
  after(() => studio.close())

  it('is found by where it stands and for whom it is', async () => {
    expect(await titles({ text: 'north window' })).to.deep.equal(['Salt pans'])
    expect(await titles({ text: 'CLOCK SHOP' })).to.deep.equal(['The clock-mender'])
    expect((await paintingPage(studio.db, now, { text: 'nowhere' })).count).to.equal(0)
  })
  it('by how far it is; what never said is in work', async () => {
    expect(await titles({ state: 'resting' })).to.deep.equal(['Quince and pewter'])
    expect(await titles({ state: 'gone' })).to.deep.equal(['Ferry steps, evening'])
    expect((await paintingPage(studio.db, now, { state: 'in-work' })).count).to.equal(4)
  })
  it('the next date to meet comes first, or the gravest verdict', async () => {
    const [first, second] = await titles({ order: 'date' })
    expect([first, second]).to.deep.equal(['Glasshouse, morning', 'The clock-mender'])
    const verdicts = (await paintingPage(studio.db, now, { order: 'verdict' })).entries.map(
      ({ verdict }) => verdict,
    )
    const worst = ['unsound', 'watch', 'sound']
    expect(verdicts).to.deep.equal([...verdicts].sort((a, b) => worst.indexOf(a!) - worst.indexOf(b!)))
  })
  it('what an address asks for that is not there is asked for as if nothing was said', () => {
    const query = paintingsQuery(new URLSearchParams('state=burnt&order=size&from=x&find=tern'))
    expect(query).to.deep.equal({ text: 'tern', state: null, order: 'title', from: 0 })
  })
})
