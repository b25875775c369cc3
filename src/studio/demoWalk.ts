import { fork } from 'node:child_process'
import type { ChildProcess } from 'node:child_process'
import { rm } from 'node:fs/promises'
import { createServer } from 'node:net'
import type { AddressInfo } from 'node:net'
import { newPassing } from './carrying/passing.ts'
import { refused } from './refused.ts'

/**
 * A demo studio to walk round: a program of its own on a port and a folder of its own, so that nothing of it can reach
 * the painter's studio. It and its folder are gone when it is left, or with this program.
 */

interface Walk {
  readonly port: number
  readonly child: ChildProcess
}

let walk: Promise<Walk> | null = null

/** Opens the demo studio, or finds it open; answers its port. */
export async function openDemo(): Promise<{ readonly port: number }> {
  if (process.env['GRELTA_DEMO_OF']) throw refused('This is the demo studio already.')
  walk ??= begin().catch((error: unknown) => {
    walk = null
    throw error
  })
  const { port } = await walk
  return { port }
}

async function begin(): Promise<Walk> {
  const [port, scale, sensor] = [await freePort(), await freePort(), await freePort()]
  const { file: folder } = await newPassing()
  const { GRELTA_BACKUPS, GRELTA_SCALE, GRELTA_SENSOR, ...env } = process.env
  const child = fork('scripts/serve.mjs', ['--demo'], {
    stdio: ['ignore', 'pipe', 'inherit', 'ipc'],
    env: {
      ...env,
      GRELTA_DATA: folder,
      GRELTA_DEMO_OF: process.env['PORT'],
      PORT: String(port),
      GRELTA_SCALE_PORT: String(scale),
      GRELTA_SENSOR_PORT: String(sensor),
    },
  })
  child.once('exit', () => {
    walk = null
    void rm(folder, { recursive: true, force: true })
  })
  await opened(child)
  return { port, child }
}

const opened = (child: ChildProcess): Promise<void> =>
  new Promise((resolve, reject) => {
    child.stdout!.on('data', (said: Buffer) => {
      if (said.toString().includes('Grelta is open')) resolve()
    })
    child.once('exit', () =>
      reject(
        refused('The demo studio could not be opened. Your own is as it was; the reason is on the console.'),
      ),
    )
  })

const freePort = (): Promise<number> =>
  new Promise((resolve, reject) => {
    const probe = createServer().once('error', reject)
    probe.listen(0, () => {
      const { port } = probe.address() as AddressInfo
      probe.close(() => resolve(port))
    })
  })

const answeredMs = 200

/** Ends this demo studio, once the one who left has been answered. */
export function leaveDemo(): void {
  if (!process.env['GRELTA_DEMO_OF']) throw refused('This is your own studio; there is nothing to leave.')
  setTimeout(() => process.kill(process.pid, 'SIGTERM'), answeredMs)
}
