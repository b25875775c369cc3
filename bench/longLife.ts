import { execFileSync } from 'node:child_process'
import { mkdtempSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { setTimeout as pause } from 'node:timers/promises'
import { startServer } from '../test/server.ts'
import type { Server } from '../test/server.ts'
import { middle } from './median.ts'
import { ms } from './report.ts'
import type { Report, Tell } from './report.ts'

const views = [
  ...['/', '/paintings', '/horizon', '/mediums', '/batches', '/shelf', '/shelf/paints', '/tests', '/studio'],
  ...['', '/palette', '/surface', '/finish', '/record'].map((face) => `/paintings/painting-20${face}`),
  ...['/mediums/medium-20', '/mediums/medium-20/make', '/mediums/compare', '/mediums/design'],
  ...[
    '/batches/batch-3',
    '/room',
    '/room/air',
    '/room/evening',
    '/room/inside',
    '/rescue',
    '/promise',
    '/used',
  ],
  ...['/varnish', '/studio/data', '/studio/practice', '/trust'],
]

const searches = [
  '/api/find?in=medium,batch,shelf_item&find=har',
  '/api/paintings?find=harb',
  '/api/mediums?find=lamp',
  '/api/shelf?find=kiln',
  '/api/tubes?find=ferry',
]

/** A studio of 10,000 paintings and 120,000 events: what every view, search, write and export and the memory come to. */
export async function measureLongLife(report: Report): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'grelta-long-life-'))
  execFileSync('node', ['--import', 'tsx', 'scripts/bigStudio.ts', folder], { stdio: 'inherit' })
  const file = (statSync(join(folder, 'studio.sqlite')).size / 1e6).toFixed(0)
  const began = performance.now()
  const server = await startServer({ folder, isMeasured: true })
  const started = performance.now() - began
  const judged = ((await judgedAll(server)) / 1000).toFixed(0)
  report.say(
    `A long life: 10,000 paintings of 12 layers (500 in work), 120,000 events, 2,000 materials and 3,000 tubes of one's own, in a file of ${file} MB. All paintings were judged in the background in ${judged} s. Warm:`,
  )
  const tellView = report.table('view', 'answers', 'size')
  for (const path of views) await measureView(server, path, tellView)
  const tell = report.table('what', 'measured / promised')
  tell('server start, the file checked', ms(started, 3000))
  for (const path of searches) tell(path, ms((await asked(server, path)).taken, 100))
  tell('a new layer written', ms(await layerWritten(server), 20))
  const taken = await exported(server)
  tell(`the whole studio taken out, ${taken.mb} MB`, { value: taken.seconds, limit: 30, unit: 's' })
  tell('memory of server and threads', { value: residentMb(server), limit: 300, unit: 'MB' })
  await server.stop()
}

async function judgedAll({ url }: Server): Promise<number> {
  const began = performance.now()
  for (;;) {
    const answer = (await (await fetch(`${url}/api/judging`)).json()) as { left: number }
    if (answer.left === 0) return performance.now() - began
    await pause(200)
  }
}

/** A path asked for nine times: what it takes once it is warm, and how large the answer is. */
async function asked({ url }: Server, path: string): Promise<{ taken: number; kb: number }> {
  const times: number[] = []
  let kb = 0
  for (let run = 0; run < 9; run++) {
    const start = performance.now()
    kb = (await (await fetch(url + path)).arrayBuffer()).byteLength / 1000
    times.push(performance.now() - start)
  }
  return { taken: middle(times.slice(2)), kb }
}

async function measureView(server: Server, path: string, tell: Tell): Promise<void> {
  const { taken, kb } = await asked(server, path)
  tell(path, ms(taken, 1000), { value: kb, limit: 500, unit: 'kB' })
}

async function exported({ url }: Server): Promise<{ seconds: number; mb: string }> {
  const start = performance.now()
  const bytes = (await (await fetch(`${url}/api/export`)).arrayBuffer()).byteLength
  return { seconds: (performance.now() - start) / 1000, mb: (bytes / 1e6).toFixed(0) }
}

async function layerWritten({ url }: Server): Promise<number> {
  const picture = (await (await fetch(`${url}/api/paintings/painting-40`)).json()) as {
    layers: { id: string; position: number; revision?: number }[]
  }
  const { revision: _revision, ...top } = picture.layers.at(-1)!
  const times: number[] = []
  for (let run = 0; run < 25; run++) {
    const layer = { ...top, id: `bench-${run}`, position: 20 + run }
    const start = performance.now()
    const answer = await fetch(`${url}/api/layers`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ layer, seen: null }),
    })
    times.push(performance.now() - start)
    if (!answer.ok) throw new Error(await answer.text())
  }
  return middle(times.slice(3))
}

const residentMb = ({ pid }: Server): number =>
  Number(execFileSync('ps', ['-o', 'rss=', '-p', String(pid)]).toString()) / 1024
