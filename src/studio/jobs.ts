import { randomUUID } from 'node:crypto'
import { refused } from './refused.ts'

/** Work that takes longer than one answer: begun by one request, looked at by others until it has ended. */

/** Told of work on the way: so many of so many; 0: nobody knows how many. */
export type Tell = (done: number, of: number) => void

/** How a piece of work stands; `of` is 0 while nobody knows how much there is. */
export interface Job {
  readonly id: string
  readonly is: 'running' | 'done'
  readonly done: number
  readonly of: number
  /** What came of it, once it is done. */
  readonly answer: unknown
}

interface Begun {
  readonly stop: AbortController
  /** Over once it has ended, however it ended. */
  readonly over: Promise<unknown>
  done: number
  of: number
  ended: { readonly answer: unknown } | { readonly error: unknown } | null
}

const mostRemembered = 50
const begun = new Map<string, Begun>()

/** Begins a piece of work and answers its id at once. */
export function beginJob(work: (tell: Tell, signal: AbortSignal) => Promise<unknown>): {
  readonly job: string
} {
  const id = randomUUID()
  const stop = new AbortController()
  const tell: Tell = (done, of) => Object.assign(job, { done, of })
  const over = Promise.resolve()
    .then(() => work(tell, stop.signal))
    .then(
      (answer) => (job.ended = { answer }),
      (error: unknown) => (job.ended = { error }),
    )
  const job: Begun = { stop, over, done: 0, of: 0, ended: null }
  begun.set(id, job)
  const [oldest] = begun.keys()
  if (begun.size > mostRemembered) begun.delete(oldest!)
  return { job: id }
}

/** How it stands; null when no such work is known. Throws what it failed with. */
export function jobOf(id: string): Job | null {
  const job = begun.get(id)
  if (!job) return null
  const { done, of, ended, stop } = job
  if (ended && 'error' in ended) throw stop.signal.aborted ? refused('It was stopped.') : ended.error
  return { id, is: ended ? 'done' : 'running', done, of, answer: ended?.answer ?? null }
}

/** Asks it to end; answers whether there was such work. */
export function stopJob(id: string): boolean {
  begun.get(id)?.stop.abort()
  return begun.has(id)
}

/** What came of it, once it has ended. Throws what it failed with. */
export async function ended(id: string): Promise<unknown> {
  await begun.get(id)?.over
  return jobOf(id)?.answer
}
