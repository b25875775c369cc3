import { useCallback, useState } from 'react'
import { read, send } from '../client.ts'
import type { Reply } from '../client.ts'

/** Work of the server that takes longer than one answer, as a page follows it. */

export interface Working {
  /** "Taking the studio out" */
  readonly what: string
  readonly done: number
  /** 0: nobody knows how much there is. */
  readonly of: number
  readonly stop: () => void
}

export interface Following {
  /** What is being done; null: nothing. */
  readonly working: Working | null
  /** Why the last one failed; null: it did not. */
  readonly faults: readonly string[] | null
  readonly forget: () => void
  /** Begins work and follows it to its end; null where it failed or was stopped. */
  readonly follow: (what: string, begin: () => Promise<Reply<{ readonly job: string }>>) => Promise<unknown>
}

const everyMs = 200

/** One piece of work at a time. */
export function useJob(): Following {
  const [working, setWorking] = useState<Working | null>(null)
  const [faults, setFaults] = useState<readonly string[] | null>(null)

  const follow = useCallback<Following['follow']>(async (what, begin) => {
    let isStopped = false
    const beginning = { what, done: 0, of: 0, stop: () => undefined }
    setFaults(null)
    setWorking(beginning)
    const end = (told: readonly string[] | null): null => {
      setWorking(null)
      setFaults(told)
      return null
    }
    const begun = await begin()
    if (!begun.ok) return end(faultsOf(begun.refusal))
    const params = { id: begun.value.job }
    const stop = (): void => {
      isStopped = true
      void send('DELETE /api/jobs/{id}', undefined!, { params })
    }
    for (;;) {
      const reply = await read('GET /api/jobs/{id}', { params })
      if (!reply.ok && reply.refusal.status !== 0) return end(isStopped ? null : faultsOf(reply.refusal))
      if (reply.ok && reply.value.is === 'done') {
        setWorking(null)
        return reply.value.answer
      }
      if (reply.ok) setWorking({ what, done: reply.value.done, of: reply.value.of, stop })
      await new Promise((resolve) => setTimeout(resolve, everyMs))
    }
  }, [])
  return { working, faults, forget: () => setFaults(null), follow }
}

const faultsOf = ({
  message,
  issues = [],
}: {
  readonly message: string
  readonly issues?: readonly { readonly message: string }[]
}): readonly string[] => (issues.length > 0 ? issues.map((issue) => issue.message) : [message])
