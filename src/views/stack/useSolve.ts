import { useEffect, useMemo, useRef, useState } from 'react'
import type { Picture } from '../../document/picture/picture.ts'
import type { PlayedOut } from '../../document/dates/playedOut.ts'
import type { SolvedPicture } from '../../document/picture/solved.ts'
import type { LayerMend } from '../../document/mend/mend.ts'
import { startSolver } from './warmSolver.ts'
import type { WarmSolver } from './warmSolver.ts'

export interface Solve {
  readonly solved: SolvedPicture
  /** Whether the picture shown is not solved yet: its dates are the table's, or those of an earlier picture. */
  readonly isRefining: boolean
  /** What would mend each finding of the picture shown, by its place; as they are found, the gravest first. */
  readonly mends: MendsFound
  readonly ending: Ending
  /** Why the dates could not be refined; the table's estimate stands. */
  readonly problem: string | null
}

/** By the place of a finding: what would mend it; absent where that is not looked up yet. */
export type MendsFound = ReadonlyMap<number, readonly LayerMend[]>
const noMends: MendsFound = new Map()

/** How the picture ends, if all is painted as soon as it may be. */
export interface Ending {
  /** Null: it is not known yet, or it never ends. */
  readonly playedOut: PlayedOut | null
  /** Whether it is still that of an earlier picture. */
  readonly isComing: boolean
}

/** A solve, and the picture it is of. */
interface Solved extends Omit<Solve, 'isRefining' | 'ending'> {
  readonly of: Picture | null
  readonly ended: { readonly of: Picture; readonly playedOut: PlayedOut | null } | null
}

/** The hand rests so long before an edit is solved. */
const settleMs = 60
const failed = 'the dates are the table’s estimate'

/** Keeps a solve of the picture up to date in a worker. An edit ends the work on the picture before it. */
export function useSolve(shown: Picture, initial: SolvedPicture): Solve {
  const picture = useSteady(shown)
  const [solve, setSolve] = useState<Solved>({
    solved: initial,
    of: null,
    ended: null,
    mends: noMends,
    problem: null,
  })
  const solver = useRef<WarmSolver | null>(null)
  useEffect(() => {
    // The first solve leaves the page time to answer; each later one finds a worker that is warm, or warming up.
    const isFirst = solver.current === null
    let isOver = false
    const timer = setTimeout(
      () => {
        const { work } = (solver.current ??= startSolver())
        const solveIt = async (): Promise<void> => {
          const solved = await work((solving) => solving.solve(picture))
          setSolve(({ ended }) => ({ solved, of: picture, ended, mends: noMends, problem: null }))
          const playedOut = await work((solving) => solving.playOut(picture, solved))
          if (isOver) return
          setSolve((now) => ({ ...now, ended: { of: picture, playedOut } }))
          for (const at of await work((solving) => solving.toMend(picture, solved))) {
            if (isOver) return
            const found = await work((solving) => solving.mends(picture, solved, at))
            if (isOver) return
            setSolve((now) => ({ ...now, mends: new Map(now.mends).set(at, found) }))
          }
        }
        solveIt().catch(() => setSolve((now) => ({ ...now, of: picture, mends: noMends, problem: failed })))
      },
      isFirst ? 2 * settleMs : settleMs,
    )
    return () => {
      isOver = true
      clearTimeout(timer)
      if (!solver.current?.isBusy()) return
      solver.current.end()
      solver.current = startSolver()
    }
  }, [picture])
  useEffect(() => () => solver.current?.end(), [])
  const { of, ended, solved, mends, problem } = solve
  return {
    solved,
    isRefining: of === null ? initial.areas.length === 0 : of !== picture,
    mends: of === picture ? mends : noMends,
    ending: {
      playedOut: problem ? null : (ended?.playedOut ?? null),
      isComing: ended?.of !== picture,
    },
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
