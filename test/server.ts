import { spawn } from 'node:child_process'
import type { ChildProcess } from 'node:child_process'
import { once } from 'node:events'
import { cpSync, mkdtempSync } from 'node:fs'
import { createServer } from 'node:net'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

/** The built program on a folder of its own. */
export interface Server {
  readonly url: string
  readonly folder: string
  readonly pid: number
  /** What it has said on its console so far. */
  readonly said: () => string
  /** Nothing has ended it yet. */
  readonly runs: () => boolean
  /** Opens the studio of another folder in this one's place: much sooner than another program would. */
  readonly openInstead: (folder: string) => Promise<Server>
  /** Ends it as a power cut would. */
  readonly kill: () => Promise<void>
  /** Asks it to end. */
  readonly stop: () => Promise<void>
}

/** A port nothing listens on; two tests at once must not share one. */
export const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo
      probe.close(() => resolve(port))
    })
  })

export const emptyFolder = (): string => mkdtempSync(join(tmpdir(), 'grelta-test-'))

/** A copy of a studio that no program holds. */
export function copyOf(folder: string): string {
  const copy = emptyFolder()
  cpSync(folder, copy, { recursive: true })
  return copy
}

/** The demo studio as scripts/test.mjs filled it, or empty, to be filled as the server starts. */
function demoFolder(): string {
  const filled = process.env['GRELTA_FILLED']
  return filled ? copyOf(filled) : emptyFolder()
}

/** What a server is started with. */
interface Start {
  readonly folder?: string
  readonly demo?: boolean
  readonly port?: number
  readonly scale?: string
  /** Lives long enough to be measured: compiled as it is for a painter. */
  readonly isMeasured?: boolean
}

/** A test's server lives for seconds: what it runs is compiled well only once it has run long, or most of that is waste. */
const compiledLate = '--interrupt-budget=2000000'

export async function startServer({
  folder: given,
  demo = false,
  port = 0,
  scale = '',
  isMeasured = false,
}: Start = {}): Promise<Server> {
  const folder = given ?? (demo ? demoFolder() : emptyFolder())
  const own = port || (await freePort())
  const [scalePort, sensorPort] = [await freePort(), await freePort()]
  const flags = isMeasured ? [] : [compiledLate]
  const child = spawn('node', [...flags, 'scripts/serve.mjs', ...(demo ? ['--demo'] : [])], {
    env: {
      ...process.env,
      GRELTA_DATA: folder,
      HOST: '127.0.0.1',
      PORT: String(own),
      GRELTA_SCALE_PORT: String(scalePort),
      GRELTA_SENSOR_PORT: String(sensorPort),
      GRELTA_PATIENCE_MS: '60000',
      ...(scale && { GRELTA_SCALE: scale }),
    },
    stdio: ['ignore', 'pipe', 'pipe', 'ipc'],
  })
  const said = listening(child)
  try {
    await opened(child, said)
  } catch (error) {
    // Another test took the port between our finding it free and the program's listening on it.
    if (!port && said().includes('Something else answers'))
      return startServer({ folder, demo, scale, isMeasured })
    throw error
  }
  const server: Server = {
    url: `http://127.0.0.1:${own}`,
    folder,
    pid: child.pid!,
    said,
    runs: () => child.exitCode === null && child.signalCode === null,
    openInstead: async (other) => {
      child.send(other)
      const [told] = (await Promise.race([once(child, 'message'), once(child, 'exit')])) as [unknown]
      if (told !== other) throw new Error(`The server ended before it opened ${other}: ${said()}`)
      return { ...server, folder: other }
    },
    kill: () => ended(child),
    stop: () => ended(child, 'SIGTERM'),
  }
  return server
}

/** A simulated scale of its own, so that a server may be killed beside it. */
export async function startScale(): Promise<{
  readonly address: string
  readonly kill: () => Promise<void>
}> {
  const port = await freePort()
  const child = spawn('node', ['scripts/scale.mjs'], {
    env: { ...process.env, GRELTA_SCALE_PORT: String(port) },
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  await new Promise((resolve) => child.stdout.once('data', resolve))
  return { address: `127.0.0.1:${port}`, kill: () => ended(child) }
}

/** Everything a child says, as far as it has said it. */
function listening(child: ChildProcess): () => string {
  let said = ''
  const hear = (chunk: Buffer): void => {
    said = (said + chunk.toString()).slice(-20_000)
  }
  child.stdout!.on('data', hear)
  child.stderr!.on('data', hear)
  return () => said
}

const opened = (child: ChildProcess, said: () => string): Promise<void> =>
  new Promise((resolve, reject) => {
    const hear = (): void => {
      if (said().includes('Grelta is open')) resolve()
    }
    child.stdout!.on('data', hear)
    child.once('exit', (code) => reject(new Error(`The server ended with ${code}: ${said()}`)))
  })

const ended = (child: ChildProcess, signal: NodeJS.Signals = 'SIGKILL'): Promise<void> =>
  new Promise((resolve) => {
    if (child.exitCode !== null || child.signalCode !== null) return resolve()
    child.once('exit', () => resolve())
    child.kill(signal)
  })
