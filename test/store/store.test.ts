import { expect } from 'chai'
import { describe, it } from 'mocha'
import { list } from '../../src/store/records.ts'
import { removePainting } from '../../src/studio/paintings.ts'
import { undoEvent } from '../../src/studio/undo.ts'
import { demoStudio, now } from '../studio/desk.ts'

describe('the studio’s file', () => {
  it('a removed painting comes back whole, with its layers and touch tests, in one step', async () => {
    const { db, close } = await demoStudio()
    const bodies = async () =>
      [await list(db, 'layer'), await list(db, 'touch_test')].map((all) =>
        all.map(({ revision: _revision, ...body }) => body),
      )
    const before = await bodies()
    const { event } = await removePainting({ db, at: now }, 'glasshouse', 1)
    expect((await list(db, 'layer')).some(({ paintingId }) => paintingId === 'glasshouse')).to.equal(false)
    await undoEvent({ db, at: now }, event)
    expect(await bodies()).to.deep.equal(before)
    await close()
  })
})
