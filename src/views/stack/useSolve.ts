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
}

const settleMs = 120

/** Keeps a solve of the picture up to date in a worker. An edit ends the work on the picture before it. */
export function useSolve(picture: Picture, initial: readonly SolvedArea[]): Solve {
  const [solve, setSolve] = useState<Solve>({ solved: initial, of: null, mends: null })
  useEffect(() => {
    let worker: Worker | null = null
    const timer = setTimeout(() => {
      worker = new Worker(new URL('../../workers/solve.ts', import.meta.url), { type: 'module' })
      const solving = wrap<Solving>(worker)
      void (async () => {
        const solved = await solving.solve(picture)
        setSolve({ solved, of: picture, mends: null })
        setSolve({ solved, of: picture, mends: await solving.mends(picture, solved) })
      })()
    }, settleMs)
    return () => {
      clearTimeout(timer)
      worker?.terminate()
    }
  }, [picture])
  return solve
}
