import { execFileSync } from 'node:child_process'
import { mkdtempSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { setTimeout as pause } from 'node:timers/promises'
import { startServer } from '../test/server.ts'
import type { Server } from '../test/server.ts'

/** Tells one measurement against its limit. */
export type Tell = (what: string, value: number, limit: number, unit: string) => void

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
export async function measureLongLife(tell: Tell): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'grelta-long-life-'))
  execFileSync('node', ['--import', 'tsx', 'scripts/bigStudio.ts', folder], { stdio: 'inherit' })
  console.log(
    `(the studio of a long life is a file of ${(statSync(join(folder, 'studio.sqlite')).size / 1e6).toFixed(0)} MB)`,
  )
  const began = performance.now()
  const server = await startServer({ folder })
  tell('long life: server start, the file checked', performance.now() - began, 3000, 'ms')
  const judgedIn = await judgedAll(server)
  console.log(`(all 10,000 paintings were judged in the background in ${(judgedIn / 1000).toFixed(1)} s)`)
  for (const path of views) await measureView(server, path, 1000, tell)
  for (const path of searches) await measureView(server, path, 100, tell)
  await measureWrites(server, tell)
  tell('long life: memory of server and threads', residentMb(server), 300, 'MB')
  await measureExport(server, tell)
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

async function measureView({ url }: Server, path: string, mostMs: number, tell: Tell): Promise<void> {
  const times: number[] = []
  let bytes = 0
  for (let run = 0; run < 9; run++) {
    const start = performance.now()
    bytes = (await (await fetch(url + path)).arrayBuffer()).byteLength
    times.push(performance.now() - start)
  }
  tell(`long life: ${path}, warm`, middle(times.slice(2)), mostMs, 'ms')
  tell(`long life: ${path}, size`, bytes / 1000, 500, 'kB')
}

async function measureExport({ url }: Server, tell: Tell): Promise<void> {
  const start = performance.now()
  const bytes = (await (await fetch(`${url}/api/export`)).arrayBuffer()).byteLength
  tell('long life: the whole studio taken out', (performance.now() - start) / 1000, 30, 's')
  console.log(`(it is a document of ${(bytes / 1e6).toFixed(0)} MB)`)
}

async function measureWrites({ url }: Server, tell: Tell): Promise<void> {
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
  tell('long life: a new layer written', middle(times.slice(3)), 20, 'ms')
}

export const middle = (times: readonly number[]): number =>
  [...times].sort((a, b) => a - b)[times.length >> 1]!

const residentMb = ({ pid }: Server): number =>
  Number(execFileSync('ps', ['-o', 'rss=', '-p', String(pid)]).toString()) / 1024
