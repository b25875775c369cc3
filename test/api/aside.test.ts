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

/** One of every kind: in the demo studio, with what is shown without it. */
const spoilt = {
  painting: 'quince',
  layer: 'glasshouse-2',
  touch_test: 'clock-touch-1',
  medium: 'morning-oil',
  batch: 'glaze-1',
  shelf_item: 'damar',
  setting: 'studio',
} as const

const isSpoilt = (id: string): boolean => Object.values<string>(spoilt).includes(id)

/** Both ways of being unreadable. Neither says of what day it is, what it is called or how it is judged. */
const ways = {
  'is not whole': '{"id":',
  'no longer fits': '{"id":"x","title":7,"support":[],"practice":"none","number":"nine"}',
}

for (const [way, body] of Object.entries(ways))
  describe(`a studio in which one of every kind ${way}`, () => {
    let server: Server
    before(async function () {
      this.timeout(240_000)
      const first = await startServer({ demo: true })
      await first.stop()
      const sqlite = new SQLite(studioFile(first.folder))
      for (const [table, id] of Object.entries(spoilt)) {
        const { changes } = sqlite.prepare(`update ${table} set body = ? where id = ?`).run(body, id)
        expect(changes, table).to.equal(1)
      }
      // Another day, or newer formulas: all is to be judged anew.
      sqlite.prepare('update assessment set wanted = wanted + 1').run()
      sqlite.close()
      server = await startServer({ folder: first.folder })
    })
    after(() => server.kill())

    const ask = async <Answer>(path: string): Promise<Answer> =>
      (await fetch(server.url + path)).json() as Promise<Answer>
    const post = (path: string, sent: object): Promise<Response> =>
      fetch(server.url + path, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(sent),
      })
    const asideNow = async () =>
      (await ask<{ entries: { kind: string; id: string; stored: string }[] }>('/api/aside')).entries

    it('finds them at the start, before any page has asked for them', async () => {
      let found: Awaited<ReturnType<typeof asideNow>> = []
      for (let tries = 0; tries < 50 && found.length < 7; tries++) {
        found = await asideNow()
        await new Promise((resolve) => setTimeout(resolve, 100))
      }
      const names = found.map(({ kind, id }) => `${kind}/${id}`)
      expect(names).to.have.members(Object.entries(spoilt).map(([kind, id]) => `${kind}/${id}`))
      expect(found.every(({ stored }) => stored === body)).to.equal(true)
    })
    it('shows every page and list, with those left out', async () => {
      for (const page of pages) expect((await fetch(server.url + page)).status, page).to.equal(200)
      const { layers } = await ask<{ layers: unknown[] }>('/api/paintings/glasshouse')
      expect(layers).to.have.length(4)
      for (const path of ['/api/paintings', '/api/mediums', '/api/batches', '/api/shelf']) {
        const { count, entries } = await ask<{ count: number; entries: { id: string }[] }>(path)
        expect(count, path).to.be.at.least(entries.length)
        expect(
          entries.filter(({ id }) => isSpoilt(id)),
          path,
        ).to.deep.equal([])
      }
      const everything = '/api/find?find=&in=painting,medium,batch,shelf_item'
      for (const path of ['/api/shelf.csv', '/api/calendar.ics', '/api/today', everything])
        expect((await fetch(server.url + path)).status, path).to.equal(200)
      expect((await fetch(`${server.url}/api/batches/glaze-1`)).status).to.equal(404)
    })
    it('judges the other pictures, and comes to an end', async () => {
      let left = 1
      for (let tries = 0; tries < 100 && left > 0; tries++) {
        left = (await ask<{ left: number }>('/api/judging')).left
        await new Promise((resolve) => setTimeout(resolve, 50))
      }
      expect(left).to.equal(0)
    })
    it('goes on numbering the batches', async () => {
      const begun = await post('/api/batches', {
        mediumId: 'harbour-glaze',
        by: { kind: 'mass', g: 50 },
        jarMl: null,
      })
      expect(begun.status).to.equal(200)
    })
    it('takes one away when asked, and says so where nothing earlier can be read', async () => {
      const settle = (kind: string, id: string, then: string) => post('/api/aside', { kind, id, then })
      expect((await settle('batch', 'glaze-1', 'restore')).status).to.equal(422)
      expect((await settle('batch', 'glaze-1', 'remove')).status).to.equal(200)
      expect((await settle('medium', 'harbour-glaze', 'remove')).status).to.equal(422)
      expect((await settle('medium', 'never', 'remove')).status).to.equal(404)
      expect((await asideNow()).map(({ id }) => id)).to.not.include('glaze-1')
    })
  })
