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
  ...['/', '/paintings', '/paintings/painting-4', '/mediums', '/mediums/medium-20', '/mediums/compare'],
  ...['/mediums/design', '/mediums/medium-20/make', '/batches', '/batches/batch-3', '/shelf', '/studio'],
  ...['/shelf/paints', '/paintings/painting-4/palette'],
  '/api/find?in=medium,batch,shelf_item&find=har',
]

/** A studio of 2,000 paintings and 100,000 events: what every view, a write and the memory come to. */
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
  console.log(`(all 2,000 paintings were judged in the background in ${(judgedIn / 1000).toFixed(1)} s)`)
  for (const path of views) await measureView(server, path, tell)
  await measureWrites(server, tell)
  tell('long life: memory of server and threads', residentMb(server), 400, 'MB')
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

async function measureView({ url }: Server, path: string, tell: Tell): Promise<void> {
  const times: number[] = []
  let bytes = 0
  for (let run = 0; run < 9; run++) {
    const start = performance.now()
    bytes = (await (await fetch(url + path)).arrayBuffer()).byteLength
    times.push(performance.now() - start)
  }
  tell(`long life: ${path}, warm`, middle(times.slice(2)), 300, 'ms')
  tell(`long life: ${path}, size`, bytes / 1000, 200, 'kB')
}

async function measureWrites({ url }: Server, tell: Tell): Promise<void> {
  const picture = (await (await fetch(`${url}/api/paintings/painting-8`)).json()) as {
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
