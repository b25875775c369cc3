import { wrap } from 'comlink'
import { useEffect, useState } from 'react'
import type { Picture, SolvedArea } from '../../document/assess.ts'
import type { LayerMend } from '../../document/mend.ts'
import type { Solving } from '../../workers/solve.ts'

export interface Solve {
  readonly solved: readonly SolvedArea[]
  /** The picture these belong to; while it is not the one shown, the screen says it is refining. */
  readonly of: Picture | null
  readonly mends: readonly (LayerMend | null)[] | null
  /** Why the dates could not be refined; the table's estimate stands. */
  readonly problem: string | null
}

const settleMs = 120
const failed = 'the dates could not be refined; they are the table’s estimate'

/** Keeps a solve of the picture up to date in a worker. An edit ends the work on the picture before it. */
export function useSolve(picture: Picture, initial: readonly SolvedArea[]): Solve {
  const [solve, setSolve] = useState<Solve>({ solved: initial, of: null, mends: null, problem: null })
  useEffect(() => {
    let worker: Worker | null = null
    const fail = (): void => setSolve((now) => ({ ...now, of: picture, mends: null, problem: failed }))
    const timer = setTimeout(() => {
      worker = new Worker(new URL('../../workers/solve.ts', import.meta.url), { type: 'module' })
      worker.onerror = fail
      const solving = wrap<Solving>(worker)
      const work = async (): Promise<void> => {
        const solved = await solving.solve(picture)
        setSolve({ solved, of: picture, mends: null, problem: null })
        setSolve({ solved, of: picture, mends: await solving.mends(picture, solved), problem: null })
      }
      work().catch(fail)
    }, settleMs)
    return () => {
      clearTimeout(timer)
      worker?.terminate()
    }
  }, [picture])
  return solve
}
