import { expect } from 'chai'
import { describe, it } from 'mocha'
import { bare } from '../../src/store/history.ts'
import { find, list } from '../../src/store/records.ts'
import { logTouch, saveLayer } from '../../src/studio/layers.ts'
import { removeMedium, saveMedium } from '../../src/studio/mediums.ts'
import { newsSince } from '../../src/studio/news.ts'
import { saveShelf } from '../../src/studio/shelf.ts'
import { lot, medium } from './bodies.ts'
import { demoStudio, emptyStudio, now as at } from './desk.ts'

const day = '2026-11-24'

describe('what other windows did', () => {
  it('is each thing once, as it stands now; what was removed has no body', async () => {
    const { db, close } = await emptyStudio()
    const write = { db, at }
    const before = await saveMedium(write, medium('known'), null)
    await saveMedium(write, medium('oil'), null)
    await saveMedium(write, medium('oil', { note: 'warm it' }), 1)
    await saveMedium(write, medium('gone'), null)
    const last = await removeMedium(write, 'gone', 1)
    const { event, things, more } = await newsSince(db, before.event, day)
    expect({ event, more }).to.deep.equal({ event: last.event, more: false })
    expect(things.map(({ id, revision, body }) => [id, revision, body])).to.have.deep.members([
      ['oil', 2, medium('oil', { note: 'warm it' })],
      ['gone', 2, null],
    ])
    expect((await newsSince(db, event, day)).things).to.deep.equal([])
    await close()
  })
  it('names a layer before the test of it, so that a page can tell whose it is', async () => {
    const { db, close } = await demoStudio()
    const first = (await list(db, 'layer')).find(({ painted }) => painted)!
    const { event } = await saveLayer({ db, at }, { ...bare(first), note: 'seen' }, first.revision)
    const touched = await logTouch({ db, at }, { layerId: first.id, check: 'touch', passed: true, note: '' })
    expect((await newsSince(db, event - 1, day)).things.map(({ kind }) => kind)).to.deep.equal([
      'layer',
      'touch_test',
    ])
    expect((await newsSince(db, event, day)).things.map(({ id }) => id)).to.deep.equal(touched.made)
    await close()
  })
  it('is not sent when a whole shelf came in: the page is loaded anew', async () => {
    const { db, close } = await emptyStudio()
    await saveShelf(
      { db, at },
      Array.from({ length: 61 }, (_, at) => lot(`lot-${at}`)),
    )
    expect(await newsSince(db, 0, day)).to.include({ more: true })
    expect((await newsSince(db, 0, day)).things).to.deep.equal([])
    expect(await find(db, 'shelf_item', 'lot-60')).to.not.equal(null)
    await close()
  })
})
