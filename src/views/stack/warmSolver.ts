import type { Remote } from 'comlink'
import type { Solving } from '../../workers/solve.ts'

/** A worker that solves pictures. It stays, so that the next edit finds it warm; work that is not wanted any more ends it. */
export interface WarmSolver {
  /** Gives it work; one piece at a time. */
  readonly work: <Result>(asks: (solving: Remote<Solving>) => Promise<Result>) => Promise<Result>
  readonly isBusy: () => boolean
  readonly end: () => void
}

/** Starts one; its script loads meanwhile. */
export function startSolver(): WarmSolver {
  const worker = new Worker(new URL('../../workers/solve.ts', import.meta.url), { type: 'module' })
  const failed = new Promise<never>((_, fail) => {
    worker.onerror = () => fail(new Error('the solving worker failed'))
  })
  failed.catch(() => undefined)
  const solving = import('comlink').then(({ wrap }) => ({ remote: wrap<Solving>(worker) }))
  let isBusy = false
  return {
    work: async (asks) => {
      isBusy = true
      const result = await Promise.race([solving.then(({ remote }) => asks(remote)), failed])
      isBusy = false
      return result
    },
    isBusy: () => isBusy,
    end: () => worker.terminate(),
  }
}
