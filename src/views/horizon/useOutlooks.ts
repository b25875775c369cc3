import { useEffect, useRef, useState } from 'react'
import type { EntryOutlook, Horizon, Plans } from '../../document/dates/horizon.ts'
import type { Foreseeing } from '../../workers/horizon.ts'

export interface Outlooks {
  /** By painting, of the plans as they last were foreseen. */
  readonly of: ReadonlyMap<string, EntryOutlook>
  /** What share is done of those of the plans as they are; 1: they stand. */
  readonly progress: number
}

/** The hand rests so long before the chances are drawn anew. */
const settleMs = 200

/** Draws the chances of all dates in a worker; a change of plan ends the draws before it. */
export function useOutlooks(horizon: Horizon, plans: Plans): Outlooks {
  const [found, setFound] = useState<Outlooks>({ of: new Map(), progress: 0 })
  const worker = useRef<Worker | null>(null)
  useEffect(() => {
    const timer = setTimeout(() => {
      const mine = (worker.current = new Worker(new URL('../../workers/horizon.ts', import.meta.url), {
        type: 'module',
      }))
      setFound((now) => ({ ...now, progress: 0 }))
      void import('comlink').then(async ({ wrap, proxy }) => {
        const tell = (progress: number): void =>
          setFound((now) => (now.progress === 1 ? now : { ...now, progress }))
        const all = await wrap<Foreseeing>(mine).outlooks(horizon, plans, proxy(tell))
        if (all && worker.current === mine)
          setFound({ of: new Map(horizon.entries.map(({ id }, at) => [id, all[at]!])), progress: 1 })
      })
    }, settleMs)
    return () => {
      clearTimeout(timer)
      worker.current?.terminate()
      worker.current = null
    }
  }, [horizon, plans])
  return found
}
