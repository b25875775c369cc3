import { useCallback, useEffect, useRef, useState } from 'react'
import { send } from './client.ts'
import type { Reply, Written } from './client.ts'

type Revised<Body> = Body & { readonly revision: number }

export interface Saved<Body> {
  readonly body: Revised<Body>
  readonly saving: 'saved' | 'waiting' | 'unreachable' | 'refused'
  readonly message: string | null
  /** What another window saved in the meantime; the painter chooses. */
  readonly theirs: Revised<Body> | null
  readonly edit: (change: Partial<Body>) => void
  readonly resolve: (keep: 'mine' | 'theirs') => void
  readonly canUndo: boolean
  readonly undo: () => void
}

const settleMs = 500
const retryMs = 3000

/** One document being edited: shown at once, saved half a second after the last key, undone a step at a time. */
export function useSaved<Body extends object>(initial: Revised<Body>, put: (body: Body, seen: number) => Promise<Reply<Written>>): Saved<Body> {
  const [body, setBody] = useState(initial)
  const [saving, setSaving] = useState<Saved<Body>['saving']>('saved')
  const [message, setMessage] = useState<string | null>(null)
  const [theirs, setTheirs] = useState<Revised<Body> | null>(null)
  const [steps, setSteps] = useState<readonly { readonly event: number; readonly before: Body }[]>([])
  const latest = useRef(initial)
  const stored = useRef(bare(initial))
  const waiting = useRef(false)
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined)
  const sending = useRef<Promise<void>>(Promise.resolve())
  const again = useRef<() => void>(() => undefined)

  const show = useCallback((next: Revised<Body>): void => {
    latest.current = next
    setBody(next)
  }, [])
  const sendWaiting = useCallback(async (): Promise<void> => {
    clearTimeout(timer.current)
    if (!waiting.current) return
    waiting.current = false
    const sent = bare(latest.current)
    const reply = await put(sent, latest.current.revision)
    if (reply.ok) {
      const [revision] = Object.values(reply.value.revisions)
      show({ ...latest.current, revision: revision! })
      const before = stored.current
      setSteps((all) => [...all, { event: reply.value.event, before }])
      stored.current = sent
      setMessage(null)
      if (!waiting.current) setSaving('saved')
      return
    }
    const { status, message: why, current } = reply.refusal
    if (status === 409 && current) setTheirs(current as Revised<Body>)
    else setMessage(why)
    if (status === 0) {
      waiting.current = true
      timer.current = setTimeout(() => again.current(), retryMs)
    }
    setSaving(status === 0 ? 'unreachable' : 'refused')
  }, [put, show])
  /** One write at a time: each must name the revision the one before it made. */
  const flush = useCallback((): Promise<void> => (sending.current = sending.current.then(sendWaiting)), [sendWaiting])

  useEffect(() => {
    again.current = () => void flush()
    const leave = (event: BeforeUnloadEvent): void => {
      if (!waiting.current) return
      void flush()
      event.preventDefault()
    }
    window.addEventListener('beforeunload', leave)
    return () => window.removeEventListener('beforeunload', leave)
  }, [flush])

  const later = (): void => {
    waiting.current = true
    setSaving('waiting')
    clearTimeout(timer.current)
    timer.current = setTimeout(() => void flush(), settleMs)
  }
  return {
    body,
    saving,
    message,
    theirs,
    edit: (change) => {
      show({ ...latest.current, ...change })
      later()
    },
    resolve: (keep) => {
      if (!theirs) return
      setTheirs(null)
      show(keep === 'theirs' ? theirs : { ...latest.current, revision: theirs.revision })
      if (keep === 'mine') later()
      else {
        stored.current = bare(theirs)
        setSaving('saved')
      }
    },
    canUndo: steps.length > 0,
    undo: () => {
      void (async () => {
        await flush()
        const step = steps.at(-1)
        if (!step) return
        const reply = await send<{ event: number; revisions: Record<string, number> }>('POST', '/api/undo', { event: step.event })
        setSteps((all) => all.slice(0, -1))
        if (!reply.ok) return setMessage(reply.refusal.message)
        const [revision] = Object.values(reply.value.revisions)
        stored.current = step.before
        show({ ...step.before, revision: revision! })
      })()
    },
  }
}

function bare<Body extends object>({ revision: _revision, ...body }: Revised<Body>): Body {
  return body as unknown as Body
}
