import { join } from 'node:path'
import { MessageChannel } from 'node:worker_threads'
import type { MessagePort } from 'node:worker_threads'
import { Tinypool } from 'tinypool'
import { StudioFailure } from '../store/failure.ts'
import type * as tasks from '../threads/tasks.ts'
import { Invalid } from './computing/compute.ts'
import { refused } from './refused.ts'

/** Worker threads for what would hold up the thread that answers. */

/** Built beside the server (vite.apart.config.mjs). */
const file = join(process.cwd(), 'dist/server/apart/tasks.mjs')

let pool: Tinypool | null = null

/** A second thread is kept so long after its last task: while one works at the studio, none is waited for to start. */
const keptWarmMs = 5 * 60_000

function threads(): Tinypool {
  if (pool) return pool
  pool = new Tinypool({
    filename: file,
    runtime: 'worker_threads',
    minThreads: 1,
    maxThreads: 2,
    idleTimeout: keptWarmMs,
    resourceLimits: { maxOldGenerationSizeMb: 128 },
  })
  // A thread that falls with no task in hand is told, and does not take the program with it; the next task starts another.
  pool.on('error', (error: unknown) => console.error('A worker thread ended.', error))
  return pool
}

type RunOptions = Parameters<Tinypool['run']>[1]
type Tasks = typeof tasks
type TaskName = keyof Tasks

type TellingName = {
  [Name in TaskName]: Parameters<Tasks[Name]>[0] extends { readonly port: MessagePort } ? Name : never
}[TaskName]
type ValueOf<Name extends TaskName> =
  Awaited<ReturnType<Tasks[Name]>> extends tasks.Answer<infer Value> ? Value : never

/** Longest a task that somebody waits for may take, ms; a slow machine is given more. */
const patienceMs = Number(process.env['GRELTA_PATIENCE_MS'] ?? 1900)

/** Runs in a thread. What the end of all threads cuts short has not failed: whoever waits for it ends as well. */
async function run(given: unknown, options: RunOptions): Promise<unknown> {
  const own = threads()
  try {
    return await own.run(given, options)
  } catch (error) {
    if (own !== pool) return new Promise(() => undefined)
    throw error
  }
}

/** Runs a task; it is ended when `signal` says so. */
export const runTask = <Name extends TaskName>(
  name: Name,
  given: Parameters<Tasks[Name]>[0],
  signal?: AbortSignal,
): Promise<Awaited<ReturnType<Tasks[Name]>>> =>
  run(given, { name, ...(signal && { signal }) }) as Promise<Awaited<ReturnType<Tasks[Name]>>>

/** Runs a task that tells how far it is; what it answers is a value or the refusal it met. */
export async function runTelling<Name extends TellingName>(
  name: Name,
  given: Omit<Parameters<Tasks[Name]>[0], 'port'>,
  tell: (done: number, of: number) => void,
  signal: AbortSignal,
): Promise<ValueOf<Name>> {
  const { port1, port2 } = new MessageChannel()
  port1.on('message', ([done, of]: [number, number]) => tell(done, of))
  try {
    const options = { name, signal, transferList: [port2] }
    const answer = await run({ ...given, port: port2 }, options)
    return valueOf(answer as tasks.Answer<ValueOf<Name>>)
  } finally {
    port1.close()
  }
}

const takesTooLong =
  'That takes too long to work out. Ask for less at a time, or again once the studio is less busy.'

/** Runs a task for a request: ended when the one who asked goes away, or when it would take too long. */
export async function runForRequest<Name extends TaskName>(
  name: Name,
  given: Parameters<Tasks[Name]>[0],
  request: Request,
): Promise<Awaited<ReturnType<Tasks[Name]>>> {
  const tooLong = AbortSignal.timeout(patienceMs)
  try {
    return await runTask(name, given, AbortSignal.any([request.signal, tooLong]))
  } catch (error) {
    if (tooLong.aborted) throw refused(takesTooLong)
    throw error
  }
}

/** The value of an answer, or its refusal as it was before it travelled. */
export function valueOf<Value>(answer: tasks.Answer<Value>): Value {
  if (answer.ok) return answer.value
  if (answer.failure) throw new StudioFailure(answer.failure.code, answer.failure.message)
  throw new Invalid(answer.issues)
}

/** Ends the threads, with the program. */
export async function endThreads(): Promise<void> {
  const ending = pool
  pool = null
  await ending?.destroy()
}
