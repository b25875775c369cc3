import { useCallback, useEffect, useRef, useState } from 'react'
import type { LayerDocument, PaintingDocument, Revised } from '../../document/studio.ts'
import type { LoadedPicture } from '../../studio/reading.ts'
import { send } from '../../ui/client.ts'
import type { Reply, Written } from '../../ui/client.ts'

/** saved: nothing to do · waiting: typed, not yet sent · unreachable: kept here and tried again · refused: see the message. */
export type Saving = 'saved' | 'waiting' | 'unreachable' | 'refused'

/** Two versions of one layer; the painter chooses. */
export interface Conflict {
  readonly mine: LayerDocument
  readonly theirs: Revised<LayerDocument> | null
}

const settleMs = 500
const retryMs = 3000

export interface EditedPicture {
  readonly picture: LoadedPicture
  readonly saving: Saving
  readonly message: string | null
  readonly conflict: Conflict | null
  readonly canUndo: boolean
  readonly editLayer: (id: string, change: Partial<LayerDocument>) => void
  readonly editPainting: (change: Partial<PaintingDocument>) => void
  /** Sends what is typed, then a request of its own, then reads the picture again. */
  readonly act: (request: () => Promise<Reply<Written>>) => Promise<boolean>
  readonly undo: () => void
  readonly resolve: (keep: 'mine' | 'theirs') => void
}

/** A picture being edited: shown at once, saved half a second after the last key, undone one step at a time. */
export function usePicture(initial: LoadedPicture): EditedPicture {
  const [picture, setPicture] = useState(initial)
  const [saving, setSaving] = useState<Saving>('saved')
  const [message, setMessage] = useState<string | null>(null)
  const [conflict, setConflict] = useState<Conflict | null>(null)
  const [events, setEvents] = useState<readonly number[]>([])
  const latest = useRef(initial)
  const dirty = useRef(new Set<string>())
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined)
  const sending = useRef<Promise<void>>(Promise.resolve())
  const again = useRef<() => Promise<void>>(() => Promise.resolve())

  const update = useCallback((change: (now: LoadedPicture) => LoadedPicture) => {
    latest.current = change(latest.current)
    setPicture(latest.current)
  }, [])

  const flush = useCallback(async (): Promise<void> => {
    for (const id of [...dirty.current]) {
      const { painting, layers } = latest.current
      const isPainting = id === painting.id
      const body = isPainting ? painting : layers.find((layer) => layer.id === id)
      dirty.current.delete(id)
      if (!body) continue
      const { revision, ...document } = body
      const reply = isPainting
        ? await send('PUT', '/api/paintings', { painting: document, seen: revision })
        : await send('PUT', '/api/layers', { layer: document, seen: revision })
      if (reply.ok) {
        const next = reply.value.revisions[id]!
        update((now) =>
          isPainting
            ? { ...now, painting: { ...now.painting, revision: next } }
            : { ...now, layers: now.layers.map((layer) => (layer.id === id ? { ...layer, revision: next } : layer)) },
        )
        setEvents((before) => [...before, reply.value.event])
        setMessage(null)
      } else if (reply.refusal.status === 0) {
        dirty.current.add(id)
        setSaving('unreachable')
        setMessage(reply.refusal.message)
        timer.current = setTimeout(() => void again.current(), retryMs)
        return
      } else if (reply.refusal.status === 409 && !isPainting) {
        setConflict({ mine: document as LayerDocument, theirs: (reply.refusal.current ?? null) as Revised<LayerDocument> | null })
        setSaving('refused')
        return
      } else {
        setMessage(reply.refusal.message)
        setSaving('refused')
        return
      }
    }
    // What was typed while this was on its way has a timer of its own.
    if (dirty.current.size === 0) setSaving('saved')
  }, [update])

  const start = useCallback((): Promise<void> => {
    clearTimeout(timer.current)
    sending.current = sending.current.then(flush)
    return sending.current
  }, [flush])
  useEffect(() => {
    again.current = start
  }, [start])

  const touched = useCallback(
    (id: string) => {
      dirty.current.add(id)
      setSaving('waiting')
      clearTimeout(timer.current)
      timer.current = setTimeout(() => void start(), settleMs)
    },
    [start],
  )

  const reread = useCallback(async () => {
    const response = await fetch(`/api/paintings/${latest.current.painting.id}`)
    if (response.ok) update(await (response.json() as Promise<LoadedPicture>).then((read) => () => read))
  }, [update])

  const act = useCallback(
    async (request: () => Promise<Reply<Written>>) => {
      await start()
      const reply = await request()
      if (reply.ok) {
        setEvents((before) => [...before, reply.value.event])
        setMessage(null)
        await reread()
      } else setMessage(reply.refusal.message)
      return reply.ok
    },
    [reread, start],
  )

  const undo = useCallback(() => {
    void (async () => {
      await start()
      const event = events.at(-1)
      if (event === undefined) return
      const reply = await send<{ event: number }>('POST', '/api/undo', { event })
      setEvents((before) => before.slice(0, -1))
      setMessage(reply.ok ? null : reply.refusal.message)
      await reread()
    })()
  }, [events, reread, start])

  const resolve = useCallback(
    (keep: 'mine' | 'theirs') => {
      if (!conflict) return
      const { mine, theirs } = conflict
      setConflict(null)
      update((now) => ({
        ...now,
        layers: theirs
          ? now.layers.map((layer) => (layer.id === mine.id ? (keep === 'theirs' ? theirs : { ...mine, revision: theirs.revision }) : layer))
          : now.layers.filter((layer) => layer.id !== mine.id),
      }))
      if (keep === 'mine' && theirs) touched(mine.id)
      else setSaving('saved')
    },
    [conflict, touched, update],
  )

  useEffect(() => {
    const leave = (event: BeforeUnloadEvent): void => {
      if (dirty.current.size > 0) {
        void start()
        event.preventDefault()
      }
    }
    window.addEventListener('beforeunload', leave)
    return () => window.removeEventListener('beforeunload', leave)
  }, [start])

  return {
    picture,
    saving,
    message,
    conflict,
    canUndo: events.length > 0,
    editLayer: (id, change) => {
      update((now) => ({ ...now, layers: now.layers.map((layer) => (layer.id === id ? { ...layer, ...change } : layer)) }))
      touched(id)
    },
    editPainting: (change) => {
      update((now) => ({ ...now, painting: { ...now.painting, ...change } }))
      touched(picture.painting.id)
    },
    act,
    undo,
    resolve,
  }
}
