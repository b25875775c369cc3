import { wrap } from 'comlink'
import { useEffect, useState } from 'react'
import type { Design } from '../../core/dosing/design/design.ts'
import type { Designing, DesignTask } from '../../workers/design.ts'

export interface Designed {
  readonly design: Design | null
  /** The task the design answers; while it is not the one asked, it is being worked on. */
  readonly of: DesignTask | null
  /** Why it could not be worked out. */
  readonly problem: string | null
}

const settleMs = 150
const failed = 'That could not be worked out. Change a wish, or load the page anew.'

/** Keeps a design of the task up to date in a worker; a new task lets the one before it fall. */
export function useDesign(task: DesignTask): Designed {
  const [designing] = useState(() => {
    if (typeof Worker === 'undefined') return null
    return wrap<Designing>(
      new Worker(new URL('../../workers/design.ts', import.meta.url), { type: 'module' }),
    )
  })
  const [designed, setDesigned] = useState<Designed>({ design: null, of: null, problem: null })
  useEffect(() => {
    let wanted = true
    const timer = setTimeout(() => {
      designing
        ?.design(task)
        .then((design) => wanted && setDesigned({ design, of: task, problem: null }))
        .catch(() => wanted && setDesigned({ design: null, of: task, problem: failed }))
    }, settleMs)
    return () => {
      wanted = false
      clearTimeout(timer)
    }
  }, [designing, task])
  return designed
}
