import { expect } from 'chai'
import { after, before, describe, it } from 'mocha'
import { startServer } from '../server.ts'
import type { Server } from '../server.ts'
import { mostKbOf, weightOf } from './loading.ts'

const views = [
  ...['/', '/paintings', '/paintings/glasshouse', '/mediums', '/mediums/harbour-glaze', '/shelf', '/studio'],
  ...['/mediums/harbour-glaze/make', '/mediums/compare', '/mediums/design', '/batches', '/batches/glaze-1'],
  ...[
    '/shelf/paints',
    '/paintings/clock-mender/palette',
    '/paintings/salt-pans/record',
    '/rescue?painting=quince',
    '/horizon',
    '/tests',
    '/room',
    '/promise?painting=clock-mender',
    '/paintings/quince/surface',
    '/paintings/buoys/finish',
    ...['/room/air', '/room/evening', '/room/inside', '/varnish', '/used'],
  ],
]

/** What is only needed once somebody asks for it. */
const loadedLater = /chart|sorter|konva|MapStage|downshift|Chooser|Popup|Toast|highs|\/solve/i

describe('what a page waits for', () => {
  let server: Server
  before(async function () {
    this.timeout(240_000)
    server = await startServer({ demo: true })
  })
  after(() => server.kill())

  for (const path of views)
    it(`${path}: under ${mostKbOf(path)} kB of scripts, gzipped, and no editor, popover, chart or dragging among them`, async () => {
      const { bytes, files } = weightOf(await (await fetch(server.url + path)).text())
      expect(bytes, files.map(([name, size]) => `${name} ${size}`).join(', ')).to.be.below(
        1000 * mostKbOf(path),
      )
      expect(files.map(([name]) => name).filter((name) => loadedLater.test(name))).to.deep.equal([])
    })
  it('pages and scripts come compressed; the readings of a scale do not wait for that', async () => {
    const page = await fetch(server.url)
    expect(page.headers.get('content-encoding')).to.match(/gzip|br/)
    const [script] = /\/_astro\/[^"]+\.js/.exec(await page.text())!
    const answer = await fetch(server.url + script)
    expect(answer.headers.get('content-encoding')).to.match(/gzip|br/)
    expect(answer.headers.get('cache-control')).to.include('immutable')
    const stop = new AbortController()
    const readings = await fetch(`${server.url}/api/scale`, { signal: stop.signal })
    expect(readings.headers.get('content-encoding')).to.equal(null)
    stop.abort()
  })
})
