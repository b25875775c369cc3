import { useRef, useState } from 'react'
import type { UsableMedium } from '../../document/batchMedium.ts'
import type { Paint } from '../../document/paints.ts'
import { findInStudio } from '../../document/studioMaterials.ts'
import type { ShelfItem } from '../../document/shelf.ts'
import type { OwnTube } from '../../document/tube.ts'
import { isForLater } from '../../saving/server.ts'
import type { Reply } from '../../saving/server.ts'
import { read } from '../client.ts'
import type { Choosable } from '../Chooser.tsx'
import { say } from '../messages.ts'
import { useNews } from '../useNews.ts'

interface Known {
  readonly mediums: readonly UsableMedium[]
  readonly shelf: readonly ShelfItem[]
  readonly tubes: readonly OwnTube[]
}

/** The mediums, own materials and tubes a page knows, which grows by what is chosen. */
export interface Bench extends Known {
  /** What is chosen and has not come yet: its name by its id. */
  readonly coming: ReadonlyMap<string, string>
  /**
   * Brings what was chosen, with all that is in it, however long the studio is away; done at once for the book's
   * and for what is known. False: it is not there any more.
   */
  readonly bring: (chosen: Choosable) => Promise<boolean>
  /** So many parts of a tube that was brought; null where it is not here. */
  readonly paintFromTube: (id: string, parts: number) => Promise<Paint | null>
}

const retryMs = 3000

export function useBench({ tubes = [], ...rest }: Partial<Known> & Omit<Known, 'tubes'>): Bench {
  const [known, setKnown] = useState<Known>({ ...rest, tubes })
  const latest = useRef(known)
  const [coming, setComing] = useState<ReadonlyMap<string, string>>(new Map())
  const isKnown = (id: string): boolean =>
    [...known.mediums, ...known.shelf, ...known.tubes].some((one) => one.id === id)
  const grow = (reply: Reply<Known>): void => {
    if (!reply.ok) return say(reply.refusal.message)
    latest.current = grown(latest.current, reply.value)
    setKnown(latest.current)
  }
  const bring = async (chosen: Choosable): Promise<boolean> => {
    const { id, name } = chosen
    const ask = asking(id, chosen.kind)
    if (!ask || isKnown(id)) return true
    setComing((now) => new Map([...now, [id, name]]))
    const reply = await persisting(ask)
    setComing((now) => new Map([...now].filter(([other]) => other !== id)))
    grow(reply)
    return reply.ok
  }
  useNews((news) => {
    for (const { kind, id, body } of news) {
      const ask = body && isKnown(id) ? asking(id, kind) : null
      if (ask) void persisting(ask).then(grow)
    }
    return true
  })
  const paintFromTube = async (id: string, parts: number): Promise<Paint | null> => {
    const { paintFrom } = await import('../../document/ownTube.ts')
    const { tubes: all, shelf } = latest.current
    const tube = all.find((one) => one.id === id)
    return tube ? paintFrom(tube, parts, findInStudio(shelf)) : null
  }
  return { ...known, coming, bring, paintFromTube }
}

/** A field whose choice is taken once it is here, unless another was made in it meanwhile. */
export function useChoice(bring: Bench['bring']) {
  const latest = useRef<Choosable | null>(null)
  const [awaited, setAwaited] = useState<Choosable | null>(null)
  const choose = async (chosen: Choosable, take: () => void): Promise<void> => {
    latest.current = chosen
    setAwaited(chosen)
    const here = await bring(chosen)
    if (latest.current !== chosen) return
    setAwaited(null)
    if (here) take()
  }
  return { awaited, choose }
}

/** How the studio is asked for what was chosen; null for what is the book's. */
function asking(id: string, kind: string | undefined): (() => Promise<Reply<Known>>) | null {
  if (kind === 'medium' || kind === 'batch') return () => read('GET /api/mediums/{id}', { params: { id } })
  if (kind === 'tube')
    return async () => {
      const reply = await read('GET /api/tubes/{id}', { params: { id } })
      return reply.ok
        ? { ok: true, value: { mediums: [], shelf: reply.value.shelf, tubes: [reply.value.tube] } }
        : reply
    }
  if (kind !== 'shelf_item') return null
  return async () => {
    const reply = await read('GET /api/shelf/{id}', { params: { id } })
    return reply.ok ? { ok: true, value: { mediums: [], shelf: [reply.value], tubes: [] } } : reply
  }
}

/** Asks until the studio answers. */
async function persisting<Value>(ask: () => Promise<Reply<Value>>): Promise<Reply<Value>> {
  for (;;) {
    const reply = await ask()
    if (reply.ok || !isForLater(reply.refusal)) return reply
    await new Promise((resolve) => setTimeout(resolve, retryMs))
  }
}

const grown = (known: Known, more: Known): Known => ({
  mediums: newest(known.mediums, more.mediums),
  shelf: newest(known.shelf, more.shelf),
  tubes: newest(known.tubes, more.tubes),
})

const newest = <Thing extends { readonly id: string }>(
  known: readonly Thing[],
  more: readonly Thing[],
): readonly Thing[] => [...known.filter(({ id }) => !more.some((one) => one.id === id)), ...more]
