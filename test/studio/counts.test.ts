import SQLite from 'better-sqlite3'
import { expect } from 'chai'
import { describe, it } from 'mocha'
import { find } from '../../src/store/records.ts'
import { openStudio, studioFile } from '../../src/store/open.ts'
import { batchNotices, batchPage } from '../../src/studio/lists/batchList.ts'
import { shoppingList } from '../../src/studio/lists/shopping.ts'
import { tubePage } from '../../src/studio/tubeList.ts'
import { saveLayer, logTouch } from '../../src/studio/layers.ts'
import { versionsOfMedium } from '../../src/studio/lists/mediumHistory.ts'
import { mediumPage } from '../../src/studio/lists/mediumList.ts'
import { createBatch } from '../../src/studio/batches.ts'
import { saveMedium } from '../../src/studio/mediums.ts'
import { paintingPage } from '../../src/studio/lists/paintingList.ts'
import { loadPicture } from '../../src/studio/pictures.ts'
import { saveSettings } from '../../src/studio/settings.ts'
import { saveShelfItem } from '../../src/studio/shelf.ts'
import { shelfPage } from '../../src/studio/shelfList.ts'
import { morningOf } from '../../src/studio/lists/todayList.ts'
import { defaultSettings } from '../../src/document/studio.ts'
import { fillStudio } from './bigStudio.ts'
import type { Size } from './bigStudio.ts'
import { layer } from './bodies.ts'
import { emptyFolder, judgeAll } from './desk.ts'

const now = '2026-11-24T09:00'
const small: Size = { paintings: 8, layers: 5, mediums: 10, items: 20, tubes: 20, batches: 10, events: 40 }
const large: Size = {
  paintings: 80,
  layers: 5,
  mediums: 100,
  items: 200,
  tubes: 200,
  batches: 100,
  events: 4000,
}

async function studioOf(size: Size) {
  const folder = emptyFolder()
  await (await openStudio(folder)).close()
  const sqlite = new SQLite(studioFile(folder))
  fillStudio(sqlite, size, now)
  sqlite.close()
  const queries: string[] = []
  const studio = await openStudio(folder, (sql) => queries.push(sql))
  await judgeAll(studio.db, now)
  const asked = async (work: () => Promise<unknown>): Promise<number> => {
    queries.length = 0
    await work()
    return queries.length
  }
  return { ...studio, asked }
}

describe('what a list costs, however long a painter has worked', () => {
  it('is the same number of queries for ten times the work, and a page of bytes', async () => {
    const [few, many] = [await studioOf(small), await studioOf(large)]
    const lists = {
      today: (db: typeof few.db) => morningOf(db, now),
      paintings: (db: typeof few.db) => paintingPage(db, now),
      batches: (db: typeof few.db) => batchPage(db, now),
      notices: (db: typeof few.db) => batchNotices(db, now),
      mediums: (db: typeof few.db) => mediumPage(db),
      shelf: (db: typeof few.db) => shelfPage(db),
      painting: (db: typeof few.db) => loadPicture(db, 'painting-4', now),
      versions: (db: typeof few.db) => versionsOfMedium(db, 'medium-3'),
      tubes: (db: typeof few.db) => tubePage(db),
      shopping: (db: typeof few.db) => shoppingList(db, now),
    }
    for (const [name, list] of Object.entries(lists)) {
      // The first time reads what is then remembered.
      await list(few.db)
      await list(many.db)
      const [before, after] = [await few.asked(() => list(few.db)), await many.asked(() => list(many.db))]
      expect(after, name).to.be.at.most(before + 1)
      expect(after, name).to.be.at.most(14)
      expect(JSON.stringify(await list(many.db)).length, name).to.be.below(100_000)
    }
    await few.close()
    await many.close()
  })
  it('a write asks as much after 4,000 events as after 40', async () => {
    const [few, many] = [await studioOf(small), await studioOf(large)]
    const costs = async ({ db, asked }: typeof few): Promise<readonly number[]> => [
      await asked(() => saveLayer({ db, at: now }, layer('new', 'painting-1', 30), null)),
      await asked(() =>
        logTouch({ db, at: now }, { layerId: 'layer-4-1', check: 'fingernail', passed: true, note: '' }),
      ),
      await asked(() => createBatch({ db, at: now }, madeOf('medium-3'))),
    ]
    expect(await costs(many)).to.deep.equal(await costs(few))
    await few.close()
    await many.close()
  })
  it('a long history is one text a change, not two', async () => {
    const { db, close } = await studioOf(small)
    const before = await db.selectFrom('event_thing').select('before').execute()
    await saveMedium({ db, at: now }, { ...(await body(db, 'medium-1')), note: 'y'.repeat(3000) }, 1)
    await saveMedium({ db, at: now }, { ...(await body(db, 'medium-1')), note: 'z' }, 2)
    const rows = await db.selectFrom('event_thing').select('before').execute()
    const added = rows.slice(before.length)
    const bytes = rows.reduce((sum, one) => sum + (one.before?.length ?? 0), 0)
    const earlier = before.reduce((sum, one) => sum + (one.before?.length ?? 0), 0)
    expect(added).to.have.length(2)
    expect(bytes - earlier).to.be.below(4500)
    await close()
  })
})

const madeOf = (mediumId: string) => ({
  mediumId,
  by: { kind: 'mass' as const, g: 50 },
  jarMl: null,
  byFeel: false,
})

const body = async (db: Parameters<typeof find>[0], id: string) => {
  const { revision: _revision, ...rest } = (await find(db, 'medium', id))!
  return rest
}

describe('what is judged again', () => {
  it('after a change of one painting is that one; of the room, all; of a note or a price, none', async () => {
    const { db, close } = await studioOf(small)
    const judged = () => judgeAll(db, now)
    const write = { db, at: now }
    await saveLayer(write, layer('new', 'painting-1', 30), null)
    expect(await judged()).to.deep.equal(['painting-1'])
    await logTouch(write, { layerId: 'layer-4-1', check: 'fingernail', passed: true, note: '' })
    expect(await judged()).to.deep.equal(['painting-4'])
    await saveMedium(write, { ...(await body(db, 'medium-1')), note: 'only a note' }, 1)
    expect(await judged()).to.deep.equal([])
    const { revision, ...item } = (await find(db, 'shelf_item', 'lot-1'))!
    await saveShelfItem(write, { ...item, price: { coins: 3, for: { amount: 1, unit: 'l' } } }, revision)
    expect(await judged()).to.deep.equal([])
    await saveSettings(
      write,
      { ...defaultSettings, climate: { ...defaultSettings.climate, temperatureC: 15 } },
      0,
    )
    expect(await judged()).to.have.length(small.paintings)
    await close()
  })
  it('after a change of a medium or a lot is every painting it reaches, through mediums in mediums too', async () => {
    const { db, close } = await studioOf(small)
    const write = { db, at: now }
    const painting = 'painting-4'
    const outer = await body(db, 'medium-5')
    expect(outer.recipe.lines.some((line) => 'medium' in line && line.medium === 'medium-4')).to.equal(true)
    await saveLayer(write, layer('top', painting, 30, { medium: { mediumId: 'medium-5', parts: 1 } }), null)
    await judgeAll(db, now)
    const inner = await body(db, 'medium-4')
    await saveMedium(write, { ...inner, recipe: { lines: inner.recipe.lines.slice(0, 2) } }, 1)
    expect(await judgeAll(db, now)).to.include(painting)
    const { revision, ...lot } = (await find(db, 'shelf_item', 'lot-4'))!
    await saveShelfItem(write, { ...lot, rate: 0.4 }, revision)
    expect(await judgeAll(db, now)).to.include(painting)
    await close()
  })
  it('on another day is what is unfinished; what is finished and quiet is left alone', async () => {
    const { db, close } = await studioOf(small)
    const tomorrow = '2026-11-25T09:00'
    expect(await judgeAll(db, tomorrow)).to.deep.equal(['painting-0', 'painting-4'])
    const { groups } = await morningOf(db, tomorrow)
    expect(groups.reduce((sum, { count }) => sum + count, 0)).to.equal(2)
    await close()
  })
})
