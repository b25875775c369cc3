import { expect } from 'chai'
import fc from 'fast-check'
import { after, before, describe, it } from 'mocha'
import { startServer } from '../server.ts'
import type { Server } from '../server.ts'
import { fuzzed, requestsOver, routesIn } from './fuzzBodies.ts'
import type { FuzzRoute } from './fuzzBodies.ts'

const pages = [
  '/',
  '/paintings',
  '/mediums',
  '/mediums/compare',
  '/mediums/design',
  '/batches',
  '/shelf',
  '/studio',
  '/studio/data',
  '/studio/practice',
  '/paintings/begin',
  '/mediums/begin',
  ...['/room/air', '/room/evening', '/room/inside', '/varnish', '/used'],
]

describe('nearly right bodies over every route', () => {
  let server: Server
  let routes: readonly FuzzRoute[]
  before(async function () {
    this.timeout(240_000)
    server = await startServer({ demo: true })
    routes = routesIn(await (await fetch(`${server.url}/api/openapi.json`)).json())
  })
  after(() => server.kill())

  it('every route is described, with what it takes, answers and refuses', () => {
    expect(routes.length).to.be.above(40)
    expect(routes.filter(({ method }) => method === 'GET').every(({ schema }) => schema === null)).to.equal(
      true,
    )
    const named = routes.map(({ method, path }) => `${method} ${path}`)
    expect(named).to.include.members([
      'POST /api/compute/soundness',
      'PUT /api/layers',
      'POST /api/batches/{id}/pour',
      'GET /api/shelf.csv',
      'POST /api/undo',
    ])
  })
  it('get no 5xx, and leave every page readable', async function () {
    this.timeout(240_000)
    await fc.assert(
      fc.asyncProperty(requestsOver(routes), async (request) => {
        const { status, answer } = await fuzzed(server.url, request)
        const asked = `${request.method} ${request.path} ${JSON.stringify(request.body)?.slice(0, 400)}`
        expect(status, `${asked}\n${answer.slice(0, 300)}`).to.be.below(500)
      }),
      { numRuns: 700, seed: 20261125, endOnFailure: true },
    )
    for (const page of pages) expect((await fetch(server.url + page)).status, page).to.equal(200)
    expect(await (await fetch(`${server.url}/api/aside`)).json()).to.include({ count: 0 })
  })
})
