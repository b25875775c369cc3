import { mkdtempSync, readdirSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect } from 'chai'
import { describe, it } from 'mocha'
import { ternStreet } from '../../demo/ternStreet.ts'
import { studioDocumentSchema } from '../../src/document/studio.ts'
import { migrations } from '../../src/store/migrations/index.ts'
import { openDatabase } from '../../src/store/database.ts'
import { list } from '../../src/store/records.ts'
import { loadDocument, removePainting, undoEvent } from '../../src/studio/writing.ts'
import { todayIn } from '../../src/studio/today.ts'

const now = '2026-11-24T09:00'
const empty = (): string => mkdtempSync(join(tmpdir(), 'grelta-store-'))

describe('the studio’s file', () => {
  it('is made from nothing, and opening it again runs no migration', async () => {
    const folder = empty()
    const db = await openDatabase(folder)
    await db.destroy()
    const again = await openDatabase(folder)
    expect(
      await again
        .selectFrom('kysely_migration' as 'event')
        .selectAll()
        .execute(),
    ).to.have.length(Object.keys(migrations).length)
    await again.destroy()
    expect(readdirSync(folder).filter((name) => name.includes('before'))).to.deep.equal([])
  })
  it('a removed painting comes back whole, with its layers and touch tests, in one step', async () => {
    const db = await openDatabase(empty())
    await loadDocument(db, now, studioDocumentSchema.parse(ternStreet(now)))
    const before = [await list(db, 'layer'), await list(db, 'touch_test')].map((all) => all.map(({ revision: _revision, ...body }) => body))
    const { event } = await removePainting(db, now, 'glasshouse', 1)
    expect((await list(db, 'layer')).some(({ paintingId }) => paintingId === 'glasshouse')).to.equal(false)
    await undoEvent(db, now, event)
    const after = [await list(db, 'layer'), await list(db, 'touch_test')].map((all) => all.map(({ revision: _revision, ...body }) => body))
    expect(after).to.deep.equal(before)
    await db.destroy()
  })
  it('on the day it is loaded, the demo studio has something to paint, something to touch and something to wait for', async () => {
    const db = await openDatabase(empty())
    await loadDocument(db, now, studioDocumentSchema.parse(ternStreet(now)))
    const entries = await todayIn(db, now)
    expect(new Set(entries.map(({ readiness }) => readiness)).size).to.equal(3)
    await db.destroy()
  })
})
