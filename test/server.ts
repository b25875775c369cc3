import { spawn } from 'node:child_process'
import type { ChildProcess } from 'node:child_process'
import { mkdtempSync } from 'node:fs'
import { createServer } from 'node:net'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

/** The built program on a folder of its own. */
export interface Server {
  readonly url: string
  readonly folder: string
  /** Ends it as a power cut would. */
  readonly kill: () => Promise<void>
}

const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo
      probe.close(() => resolve(port))
    })
  })

export async function startServer({ folder = mkdtempSync(join(tmpdir(), 'grelta-test-')), demo = false, port = 0, scale = '' } = {}): Promise<Server> {
  const own = port || (await freePort())
  const scalePort = await freePort()
  const child = spawn('node', ['scripts/serve.mjs', ...(demo ? ['--demo'] : [])], {
    env: {
      ...process.env,
      GRELTA_DATA: folder,
      HOST: '127.0.0.1',
      PORT: String(own),
      GRELTA_SCALE_PORT: String(scalePort),
      ...(scale && { GRELTA_SCALE: scale }),
    },
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  await opened(child)
  const url = `http://127.0.0.1:${own}`
  return { url, folder, kill: () => ended(child) }
}

/** A simulated scale of its own, so that a server may be killed beside it. */
export async function startScale(): Promise<{ readonly address: string; readonly kill: () => Promise<void> }> {
  const port = await freePort()
  const child = spawn('node', ['scripts/scale.mjs'], { env: { ...process.env, GRELTA_SCALE_PORT: String(port) }, stdio: ['ignore', 'pipe', 'pipe'] })
  await new Promise((resolve) => child.stdout.once('data', resolve))
  return { address: `127.0.0.1:${port}`, kill: () => ended(child) }
}

const opened = (child: ChildProcess): Promise<void> =>
  new Promise((resolve, reject) => {
    let said = ''
    const hear = (chunk: Buffer): void => {
      said += chunk.toString()
      if (said.includes('Grelta is open')) resolve()
    }
    child.stdout!.on('data', hear)
    child.stderr!.on('data', hear)
    child.once('exit', (code) => reject(new Error(`The server ended with ${code}: ${said}`)))
  })

const ended = (child: ChildProcess): Promise<void> =>
  new Promise((resolve) => {
    if (child.exitCode !== null || child.signalCode !== null) return resolve()
    child.once('exit', () => resolve())
    child.kill('SIGKILL')
  })
