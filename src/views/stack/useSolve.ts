import { useEffect, useMemo, useState } from 'react'
import type { Picture } from '../../document/picture.ts'
import type { SolvedPicture } from '../../document/solved.ts'
import type { LayerMend } from '../../document/mend.ts'
import type { Solving } from '../../workers/solve.ts'

export interface Solve {
  readonly solved: SolvedPicture
  /** Whether the picture shown is not solved yet: its dates are the table's, or those of an earlier picture. */
  readonly isRefining: boolean
  /** Null until they are found for the picture shown. */
  readonly mends: readonly (LayerMend | null)[] | null
  /** Why the dates could not be refined; the table's estimate stands. */
  readonly problem: string | null
}

/** A solve, and the picture it is of. */
interface Solved extends Omit<Solve, 'isRefining'> {
  readonly of: Picture | null
}

const settleMs = 120
const failed = 'the dates could not be refined; they are the table’s estimate'

/** Keeps a solve of the picture up to date in a worker. An edit ends the work on the picture before it. */
export function useSolve(shown: Picture, initial: SolvedPicture): Solve {
  const picture = useSteady(shown)
  const [solve, setSolve] = useState<Solved>({ solved: initial, of: null, mends: null, problem: null })
  useEffect(() => {
    let worker: Worker | null = null
    const fail = (): void => setSolve((now) => ({ ...now, of: picture, mends: null, problem: failed }))
    const timer = setTimeout(() => {
      worker = new Worker(new URL('../../workers/solve.ts', import.meta.url), { type: 'module' })
      worker.onerror = fail
      const asked = worker
      const work = async (): Promise<void> => {
        const { wrap } = await import('comlink')
        const solving = wrap<Solving>(asked)
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
  const { of, solved, mends, problem } = solve
  return {
    solved,
    isRefining: of === null ? initial.areas.length === 0 : of !== picture,
    mends: of === picture ? mends : null,
    problem,
  }
}

/** The picture as it was when what is solved in it last changed: saving it gives revisions, and changes no date. */
function useSteady(shown: Picture): Picture {
  const [steady, setSteady] = useState(shown)
  const isSame = useMemo(() => steady === shown || textOf(steady) === textOf(shown), [steady, shown])
  if (!isSame) setSteady(shown)
  return isSame ? steady : shown
}

const textOf = (picture: Picture): string =>
  JSON.stringify(picture, (name, value: unknown) => (name === 'revision' ? undefined : value))
