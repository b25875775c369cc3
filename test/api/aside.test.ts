import SQLite from 'better-sqlite3'
import { expect } from 'chai'
import { after, before, describe, it } from 'mocha'
import { studioFile } from '../../src/store/open.ts'
import { startServer } from '../server.ts'
import type { Server } from '../server.ts'

const pages = [
  '/',
  '/paintings',
  '/mediums',
  '/mediums/compare',
  '/mediums/design',
  '/batches',
  '/shelf',
  '/studio',
]

describe('a studio in which something cannot be read', () => {
  let server: Server
  before(async function () {
    this.timeout(60_000)
    const first = await startServer({ demo: true })
    await first.stop()
    const sqlite = new SQLite(studioFile(first.folder))
    const spoil = (table: string, id: string): void => {
      sqlite.prepare(`update ${table} set body = '{"id":' where id = ?`).run(id)
    }
    spoil('batch', 'glaze-1')
    spoil('shelf_item', 'damar')
    spoil('layer', 'glasshouse-2')
    sqlite.close()
    server = await startServer({ folder: first.folder })
  })
  after(() => server.kill())

  const asideNow = async () => {
    const { entries } = (await (await fetch(`${server.url}/api/aside`)).json()) as {
      entries: { kind: string; id: string; word: string; stored: string }[]
    }
    return entries
  }

  it('finds it at the start, before any page has asked for it', async () => {
    let found: Awaited<ReturnType<typeof asideNow>> = []
    for (let tries = 0; tries < 50 && found.length < 3; tries++) {
      found = await asideNow()
      await new Promise((resolve) => setTimeout(resolve, 100))
    }
    expect(found.map(({ kind, id }) => `${kind}/${id}`)).to.have.members([
      'batch/glaze-1',
      'shelf_item/damar',
      'layer/glasshouse-2',
    ])
    expect(found.every(({ stored }) => stored === '{"id":')).to.equal(true)
  })
  it('shows every page, the one it belongs to with it left out', async () => {
    for (const page of pages) expect((await fetch(server.url + page)).status, page).to.equal(200)
    const picture = (await (await fetch(`${server.url}/api/paintings/glasshouse`)).json()) as {
      layers: unknown[]
    }
    expect(picture.layers).to.have.length(4)
    expect((await fetch(`${server.url}/api/batches/glaze-1`)).status).to.equal(404)
    expect((await fetch(`${server.url}/api/shelf.csv`)).status).to.equal(200)
    expect((await fetch(`${server.url}/api/calendar.ics`)).status).to.equal(200)
  })
  it('takes one away when asked, and says so where nothing earlier can be read', async () => {
    const settle = async (kind: string, id: string, then: string) =>
      fetch(`${server.url}/api/aside`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ kind, id, then }),
      })
    expect((await settle('batch', 'glaze-1', 'restore')).status).to.equal(422)
    expect((await settle('batch', 'glaze-1', 'remove')).status).to.equal(200)
    expect((await settle('medium', 'harbour-glaze', 'remove')).status).to.equal(422)
    expect((await settle('medium', 'never', 'remove')).status).to.equal(404)
    expect((await asideNow()).map(({ id }) => id)).to.have.members(['damar', 'glasshouse-2'])
  })
})
