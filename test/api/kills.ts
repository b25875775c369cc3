import { spawn } from 'node:child_process'
import { copyFileSync, cpSync, existsSync, mkdirSync, statSync, truncateSync } from 'node:fs'
import { join } from 'node:path'
import { setTimeout as pause } from 'node:timers/promises'
import { seeded } from '../../src/core/seeded.ts'
import { list } from '../../src/store/records.ts'
import { openStudio, studioFile } from '../../src/store/open.ts'
import { startServer } from '../server.ts'
import type { Server } from '../server.ts'
import { layer, painting } from '../studio/bodies.ts'
import { emptyFolder } from '../studio/desk.ts'

/** Power cuts at any moment, and what is there afterwards. */

export interface Toll {
  readonly kills: number
  readonly acknowledged: number
  /** Ids that were answered with "done" and are not there. */
  readonly lost: readonly string[]
}

/** Kills the built program so many times while several writers add layers; then looks for each that was acknowledged. */
export async function killWhileWriting(kills: number, seed: number): Promise<Toll> {
  const random = seeded(seed)
  const folder = emptyFolder()
  const acknowledged: string[] = []
  for (let round = 0; round < kills; round++) {
    const server = await startServer({ folder })
    const writers = [0, 1, 2].map((writer) => writeOn(server, `r${round}-w${writer}`, acknowledged))
    await firstAcknowledged(acknowledged)
    await pause(200 * random())
    await server.kill()
    await Promise.all(writers)
  }
  const there = await layersIn(folder)
  return {
    kills,
    acknowledged: acknowledged.length,
    lost: acknowledged.filter((id) => !there.has(id)),
  }
}

/** A cold program takes its time over the first write; a kill before it would prove nothing. */
async function firstAcknowledged(acknowledged: readonly string[]): Promise<void> {
  const before = acknowledged.length
  for (let waited = 0; waited < 3000 && acknowledged.length === before; waited += 5) await pause(5)
}

/** A picture of its own for each writer and round, so that no picture grows beyond what a painter paints. */
async function writeOn(server: Server, name: string, acknowledged: string[]): Promise<void> {
  if (!(await put(server, '/api/paintings', { painting: painting(name), seen: null }))) return
  for (let n = 0; n < 60; n++) {
    const id = `${name}-${n}`
    if (!(await put(server, '/api/layers', { layer: layer(id, name, n), seen: null }))) return
    acknowledged.push(id)
  }
}

const put = (server: Server, path: string, body: object): Promise<boolean> =>
  fetch(server.url + path, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  }).then(
    ({ ok }) => ok,
    () => false,
  )

export interface Cuts {
  /** Ids that were acknowledged before the files were copied, and are not in the copy. */
  readonly lost: readonly string[]
  /** Writers of whom a later layer is there and an earlier one is not, once the log was cut short. */
  readonly gaps: readonly string[]
}

/**
 * Copies the studio's files at random moments while several writers add layers, as a power cut leaves them: all that was
 * acknowledged is in the copy. The same copy with its log cut short anywhere opens whole, with what it still has in order.
 */
export async function cutWhileWriting(cuts: number, seed: number): Promise<Cuts> {
  const random = seeded(seed)
  const acknowledged: string[] = []
  const [lost, gaps]: [string[], string[]] = [[], []]
  const server = await startServer({ folder: emptyFolder() })
  for (let round = 0; round < cuts; round++) {
    const writers = [0, 1].map((writer) => writeOn(server, `r${round}-w${writer}`, acknowledged))
    await firstAcknowledged(acknowledged)
    await pause(200 * random())
    process.kill(server.pid, 'SIGSTOP')
    const told = [...acknowledged]
    const copy = emptyFolder()
    mkdirSync(copy, { recursive: true })
    for (const end of ['', '-wal']) copyFileSync(studioFile(server.folder) + end, studioFile(copy) + end)
    process.kill(server.pid, 'SIGCONT')
    const short = emptyFolder()
    cpSync(copy, short, { recursive: true })
    truncateSync(`${studioFile(short)}-wal`, Math.floor(random() * statSync(`${studioFile(short)}-wal`).size))
    const whole = await layersIn(copy)
    lost.push(...told.filter((id) => !whole.has(id)))
    gaps.push(...gapsIn(await layersIn(short)))
    await Promise.all(writers)
  }
  await server.kill()
  return { lost, gaps }
}

async function layersIn(folder: string): Promise<ReadonlySet<string>> {
  const { db, close } = await openStudio(folder)
  const ids = (await list(db, 'layer')).map(({ id }) => id)
  await close()
  return new Set(ids)
}

const gapsIn = (ids: ReadonlySet<string>): readonly string[] =>
  [...ids].filter((id) => {
    const [, writer, n] = /^(.*)-(\d+)$/.exec(id)!
    return Number(n) > 0 && !ids.has(`${writer}-${Number(n) - 1}`)
  })

/** Kills a program so many times while it opens a studio, made from nothing or brought forward from `from`. */
export async function killWhileOpening(
  kills: number,
  seed: number,
  from: URL | null,
): Promise<readonly string[]> {
  const random = seeded(seed)
  const faults: string[] = []
  for (let round = 0; round < kills; round++) {
    const folder = emptyFolder()
    mkdirSync(folder, { recursive: true })
    if (from) copyFileSync(from, studioFile(folder))
    await killedOpening(folder, from ? /-before-/ : /studio\.new/, 60 * random())
    const fault = await faultIn(folder, from !== null)
    if (fault) faults.push(`round ${round}: ${fault}`)
  }
  return faults
}

/** Opens a studio in a process of its own, and kills that so long after it has begun on the file. */
async function killedOpening(folder: string, sign: RegExp, afterMs: number): Promise<void> {
  const child = spawn('node', ['--import', 'tsx', 'test/api/opener.ts', folder], { stdio: 'ignore' })
  const ended = new Promise<void>((resolve) => child.once('exit', () => resolve()))
  let over = false
  void ended.then(() => (over = true))
  while (!over && !begun(folder, sign)) await pause(1)
  await pause(afterMs)
  child.kill('SIGKILL')
  await ended
}

const begun = (folder: string, sign: RegExp): boolean =>
  ['studio.new', 'studio-before-0004-ground.sqlite'].some(
    (name) => sign.test(name) && existsSync(join(folder, name)),
  )

async function faultIn(folder: string, wasFilled: boolean): Promise<string | null> {
  try {
    const { db, close } = await openStudio(folder)
    const paintings = (await list(db, 'painting')).length
    await close()
    return wasFilled && paintings !== 4 ? `${paintings} paintings of 4` : null
  } catch (error) {
    return String(error)
  }
}
