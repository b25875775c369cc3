import { useCallback, useEffect, useRef, useState } from 'react'
import type { Reply } from '../../saving/server.ts'
import { useEarly } from '../early.ts'

/** One page of a list: how many there are in all, and these of them. */
interface Page<Entry> {
  readonly count: number
  readonly entries: readonly Entry[]
}

interface Paging {
  readonly problem: string | null
  readonly more: () => void
  /** Reads the list anew from its beginning. */
  readonly again: () => void
}

export type Pages<Entry> = Page<Entry> & Paging

const pauseMs = 150

/**
 * A list that shows pages of itself: found by what is asked, read on by `more`. What is asked is compared by its text,
 * and asked for in a pause.
 */
export function usePages<P extends Page<unknown>>(
  initial: P,
  asked: string,
  read: (from: number) => Promise<Reply<P>>,
): P & Paging {
  const [page, setPage] = useState(initial)
  const [problem, setProblem] = useState<string | null>(null)
  const [round, setRound] = useState(0)
  useEarly()
  const latest = useRef(read)
  const shown = useRef(`${asked} 0`)
  useEffect(() => {
    latest.current = read
  })
  const take = useCallback((reply: Reply<P>, before: P['entries']): void => {
    setProblem(reply.ok ? null : reply.refusal.message)
    if (reply.ok) setPage({ ...reply.value, entries: [...before, ...reply.value.entries] })
  }, [])
  useEffect(() => {
    const now = `${asked} ${round}`
    if (shown.current === now) return
    let wanted = true
    const timer = setTimeout(() => {
      void latest.current(0).then((reply) => {
        if (!wanted) return
        shown.current = now
        take(reply, [])
      })
    }, pauseMs)
    return () => {
      wanted = false
      clearTimeout(timer)
    }
  }, [asked, round, take])
  return {
    ...page,
    problem,
    more: () => {
      const wanted = shown.current
      // Another list may have been asked for meanwhile.
      void latest
        .current(page.entries.length)
        .then((reply) => shown.current === wanted && take(reply, page.entries))
    },
    again: () => setRound((one) => one + 1),
  }
}
