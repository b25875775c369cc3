import SQLite from 'better-sqlite3'
import { expect } from 'chai'
import { Migrator } from 'kysely'
import { describe, it } from 'mocha'
import { databaseOver } from '../../src/store/database.ts'
import { migrations } from '../../src/store/migrations/index.ts'
import { openStudio, studioFile } from '../../src/store/open.ts'
import { asideList } from '../../src/studio/asideList.ts'
import { doneWith } from '../../src/studio/done.ts'
import { undoEvent } from '../../src/studio/undo.ts'
import { find, list } from '../../src/store/records.ts'
import { titlesOf } from '../../src/store/titles.ts'
import { namersOf } from '../../src/store/naming.ts'
import { layer, medium, painting } from '../studio/bodies.ts'
import { emptyFolder } from '../studio/desk.ts'

const at = '2026-11-26T09:00'

interface OldChange {
  readonly kind: string
  readonly before: object | null
  readonly after: object | null
  readonly revision: number
}

/** A file as the first program made it, with what a test puts into it. */
async function oldStudio(
  fill: (sqlite: SQLite.Database, event: (what: string, changes: readonly OldChange[]) => void) => void,
) {
  const folder = emptyFolder()
  const sqlite = new SQLite(studioFile(folder))
  const db = databaseOver(sqlite)
  const migrator = new Migrator({ db, provider: { getMigrations: () => Promise.resolve(migrations) } })
  const { error } = await migrator.migrateTo('0003-batches')
  expect(error).to.equal(undefined)
  const insert = sqlite.prepare(
    "insert into event (at, painting_id, what, changes) values ('2026-01-01T09:00', null, ?, ?)",
  )
  sqlite.transaction(() => fill(sqlite, (what, changes) => void insert.run(what, JSON.stringify(changes))))()
  await db.destroy()
  if (sqlite.open) sqlite.close()
  return openStudio(folder)
}

const put = (
  sqlite: SQLite.Database,
  table: string,
  id: string,
  revision: number,
  body: object | string,
): void => {
  const text = typeof body === 'string' ? body : JSON.stringify(body)
  sqlite.prepare(`insert into ${table} (id, revision, body) values (?, ?, ?)`).run(id, revision, text)
}

describe('bringing an older studio forward', () => {
  it('reads titles and who names whom off every body', async () => {
    const { db, close } = await oldStudio((sqlite) => {
      put(sqlite, 'painting', 'p', 1, painting('p', { title: 'The old gate' }))
      put(sqlite, 'medium', 'm', 1, medium('m', { name: 'Old oil' }))
      const planned = layer('l', 'p', 0, { medium: { mediumId: 'm', parts: 1 } })
      sqlite
        .prepare('insert into layer (id, revision, body, parent_id) values (?, 1, ?, ?)')
        .run('l', JSON.stringify(planned), 'p')
    })
    expect(await titlesOf(db, 'painting', { text: 'old', from: 0, most: 9 })).to.deep.equal([
      { id: 'p', title: 'The old gate' },
    ])
    expect(await namersOf(db, 'medium', 'm', { holding: true })).to.deep.equal([{ kind: 'layer', id: 'l' }])
    const [asked] = await db.selectFrom('assessment').selectAll().execute()
    expect([asked!.painting_id, asked!.judged < asked!.wanted]).to.deep.equal(['p', true])
    await close()
  })
  it('sets aside what even the old program could not have read, and opens all the same', async () => {
    const { db, close } = await oldStudio((sqlite) => {
      put(sqlite, 'medium', 'broken', 3, '{"id":"broken","name":')
      put(sqlite, 'medium', 'nameless', 1, { ...medium('nameless'), name: '' })
      put(sqlite, 'medium', 'whole', 1, medium('whole'))
    })
    expect((await list(db, 'medium')).map(({ id }) => id)).to.deep.equal(['whole'])
    const aside = (await asideList(db)).entries.map(({ id }) => id)
    expect(aside).to.include.members(['broken', 'nameless'])
    await close()
  })
  it('keeps a long history whole, and a thing that one event changed twice once', async () => {
    const { db, close } = await oldStudio((sqlite, event) => {
      put(sqlite, 'medium', 'm', 1200, medium('m', { note: 'note 1199' }))
      event('Added medium', [
        { kind: 'medium', before: null, after: medium('m', { note: 'note 0' }), revision: 1 },
      ])
      for (let n = 1; n < 1200; n++) {
        const [before, after] = [medium('m', { note: `note ${n - 1}` }), medium('m', { note: `note ${n}` })]
        event('Changed medium', [{ kind: 'medium', before, after, revision: n + 1 }])
      }
      put(sqlite, 'medium', 'twice', 3, medium('twice', { note: 'c' }))
      event('Brought in', [
        {
          kind: 'medium',
          before: medium('twice', { note: 'a' }),
          after: medium('twice', { note: 'b' }),
          revision: 2,
        },
        {
          kind: 'medium',
          before: medium('twice', { note: 'b' }),
          after: medium('twice', { note: 'c' }),
          revision: 3,
        },
      ])
    })
    const { count } = await db
      .selectFrom('event_thing')
      .select(({ fn }) => fn.countAll<number>().as('count'))
      .executeTakeFirstOrThrow()
    expect(count).to.equal(1201)
    const [newest] = (await doneWith(db, { kind: 'medium', id: 'twice' })).entries
    await undoEvent({ db, at }, newest!.event)
    expect((await find(db, 'medium', 'twice'))!.note).to.equal('a')
    const [last] = (await doneWith(db, { kind: 'medium', id: 'm' })).entries
    await undoEvent({ db, at }, last!.event)
    const { note, revision } = (await find(db, 'medium', 'm'))!
    expect([note, revision]).to.deep.equal(['note 1198', 1201])
    await close()
  })
  it('keeps what was removed, so that it can come back', async () => {
    const { db, close } = await oldStudio((_, event) => {
      event('Added medium', [{ kind: 'medium', before: null, after: medium('gone'), revision: 1 }])
      event('Removed medium', [{ kind: 'medium', before: medium('gone'), after: null, revision: 1 }])
    })
    const [removed] = (await doneWith(db, 'studio')).entries
    await undoEvent({ db, at }, removed!.event)
    expect((await find(db, 'medium', 'gone'))!.name).to.equal('Medium gone')
    await close()
  })
})
