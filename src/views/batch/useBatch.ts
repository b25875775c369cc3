import { useRef, useState } from 'react'
import type { Batch } from '../../document/batch.ts'
import type { Revised } from '../../document/studio.ts'
import { send } from '../../ui/client.ts'

export interface EditedBatch {
  readonly batch: Revised<Batch>
  readonly message: string | null
  /** Something is on its way to the studio. */
  readonly busy: boolean
  readonly edit: (change: Partial<Batch>) => void
  /** A deed of its own: pour, unpour, repair, finish. True once it is done and stored. */
  readonly act: (deed: 'pour' | 'unpour' | 'repair' | 'finish', body?: object) => Promise<boolean>
  readonly undo: (() => void) | null
}

/** One batch at the hot plate: every tap is stored before the next is taken, one after another. */
export function useBatch(initial: Revised<Batch>): EditedBatch {
  const [batch, setBatch] = useState(initial)
  const [message, setMessage] = useState<string | null>(null)
  const [waiting, setWaiting] = useState(0)
  const [events, setEvents] = useState<readonly number[]>([])
  const latest = useRef(initial)
  const queue = useRef<Promise<unknown>>(Promise.resolve())

  const show = (next: Revised<Batch>): void => {
    latest.current = next
    setBatch(next)
  }
  const reread = async (): Promise<void> => {
    const response = await fetch(`/api/batches/${initial.id}`)
    if (response.ok) show((await response.json()) as Revised<Batch>)
  }
  const inTurn = (work: () => Promise<boolean>): Promise<boolean> => {
    setWaiting((count) => count + 1)
    const turn = queue.current.then(work).finally(() => setWaiting((count) => count - 1))
    queue.current = turn.catch(() => undefined)
    return turn
  }
  const request = async (method: 'PUT' | 'POST', path: string, body: object): Promise<boolean> => {
    const reply = await send<{ event: number }>(method, path, body)
    setMessage(reply.ok ? null : reply.refusal.message)
    if (reply.ok) setEvents((all) => [...all, reply.value.event])
    await reread()
    return reply.ok
  }
  return {
    batch,
    message,
    busy: waiting > 0,
    edit: (change) => {
      show({ ...latest.current, ...change })
      void inTurn(() => {
        const { revision, ...body } = { ...latest.current, ...change }
        return request('PUT', `/api/batches/${initial.id}`, { batch: body, seen: revision })
      })
    },
    act: (deed, body = {}) => inTurn(() => request('POST', `/api/batches/${initial.id}/${deed}`, body)),
    undo:
      events.length === 0
        ? null
        : () =>
            void inTurn(async () => {
              const reply = await send('POST', '/api/undo', { event: events.at(-1) })
              setEvents((all) => all.slice(0, -1))
              setMessage(reply.ok ? null : reply.refusal.message)
              await reread()
              return reply.ok
            }),
  }
}
