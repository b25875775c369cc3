import { request as plainRequest } from 'node:http'
import { expect } from 'chai'
import { after, before, describe, it } from 'mocha'
import { startServer } from '../server.ts'
import type { Server } from '../server.ts'
import { painting } from '../studio/bodies.ts'

let server: Server

const put = (path: string, body: unknown): Promise<Response> =>
  fetch(server.url + path, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  })

/** Asked exactly as it is written: fetch would tidy the path first, and knows not every method. */
const statusOf = (path: string, method = 'GET'): Promise<number> =>
  new Promise((resolve, reject) => {
    const { hostname, port } = new URL(server.url)
    plainRequest({ hostname, port, path, method, headers: { origin: server.url } }, (answer) => {
      answer.resume()
      resolve(answer.statusCode!)
    })
      .on('error', reject)
      .end()
  })

describe('what somebody may try', () => {
  before(async function () {
    this.timeout(240_000)
    server = await startServer()
  })
  after(() => server.kill())

  it('a title with a script in it is words, on every page that shows it', async () => {
    const title = '</script><script>alert(1)</script><img src=x onerror=alert(2)>'
    expect(
      (await put('/api/paintings', { painting: painting('odd', { title }), seen: null })).status,
    ).to.equal(200)
    for (const path of ['/', '/paintings', '/paintings/odd', '/paintings/odd/record', '/horizon']) {
      const page = await (await fetch(server.url + path)).text()
      expect(page, path).not.to.include('<script>alert(1)')
      expect(page, path).not.to.include('<img src=x')
    }
  })
  it('a search that is written like a query finds nothing and harms nothing', async () => {
    for (const find of ["' or 1=1 --", '"; drop table painting; --', '%', '_', '\\']) {
      const answer = await fetch(`${server.url}/api/paintings?find=${encodeURIComponent(find)}`)
      expect(answer.status, find).to.equal(200)
      expect(((await answer.json()) as { count: number }).count, find).to.equal(0)
    }
    expect((await fetch(`${server.url}/paintings/odd`)).status).to.equal(200)
  })
  it('no path leads out of what is served', async () => {
    for (const path of [
      '/../package.json',
      '/..%2f..%2fpackage.json',
      '/_astro/..%2f..%2fserver%2fentry.mjs',
      '/api/photos/..%2f..%2fstudio.sqlite',
      '/api/export/..%2fstudio.sqlite?name=x',
      '/api/backups/..%2f..%2fstudio/look',
      '/studio.sqlite',
      '/.grelta/studio.sqlite',
    ])
      expect(await statusOf(path), path).to.be.within(400, 405)
  })
  it('every answer keeps the browser to it: no framing, no sniffing, no store, no name of the machinery', async () => {
    for (const path of ['/', '/nowhere', '/api/settings', '/api/nowhere', '/api/shelf.csv']) {
      const { headers } = await fetch(server.url + path)
      expect(headers.get('content-security-policy'), path).to.include("frame-ancestors 'none'")
      expect(headers.get('x-content-type-options'), path).to.equal('nosniff')
      expect(headers.get('cache-control'), path).to.equal('no-store')
      expect(headers.get('referrer-policy'), path).to.equal('same-origin')
      expect(headers.get('x-powered-by'), path).to.equal(null)
      expect(headers.get('access-control-allow-origin'), path).to.equal(null)
    }
  })
  it('no page loads anything from elsewhere', async () => {
    for (const path of ['/', '/paintings/odd', '/mediums/design', '/help']) {
      const page = await (await fetch(server.url + path)).text()
      const loaded = [...page.matchAll(/(?:src|href|component-url|renderer-url)="(https?:)?\/\/[^"]*"/g)]
      expect(
        loaded.map(([found]) => found),
        path,
      ).to.deep.equal([])
    }
  })
  it('a refusal names no file, no table and no line of the program', async () => {
    const bodies = [
      '{',
      '[]',
      '{"painting":{"id":"x"}}',
      `{"painting":${'['.repeat(5000)}${']'.repeat(5000)}}`,
    ]
    for (const body of bodies) {
      const answer = await fetch(`${server.url}/api/paintings`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body,
      })
      expect(answer.status).to.be.within(400, 422)
      expect(await answer.text()).not.to.match(/\.m?[jt]s|node_modules|select |sqlite|at \w+ \(/i)
    }
  })
  it('a method that an address does not know is refused', async () => {
    for (const method of ['PATCH', 'DELETE', 'TRACE'])
      expect(await statusOf('/api/settings', method), method).to.be.within(400, 405)
  })
  it('a prototype cannot be reached through a body', async () => {
    const body = JSON.stringify({ painting: painting('proto'), seen: null }).replace(
      '{',
      '{"__proto__":{"polluted":true},"constructor":{"prototype":{"polluted":true}},',
    )
    await fetch(`${server.url}/api/paintings`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body,
    })
    const told = (await (await fetch(`${server.url}/api/settings`)).json()) as Record<string, unknown>
    expect(told['polluted']).to.equal(undefined)
  })
})
