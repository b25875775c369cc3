import { atom } from 'nanostores'
import type { ReadableAtom } from 'nanostores'
import type { Bodies, Kind } from '../document/kinds.ts'
import { nameOf, shownOf, stillTyped, without } from './draft.ts'
import type { Draft, Fields } from './draft.ts'
import { Drafts, isTyped, settled } from './drafts.ts'
import type { Conflict, Stored, Thing, ThingId } from './drafts.ts'
import type { Keep, Kept } from './kept.ts'
import { editedFirst, editsOf, fixedFields, isOpen, isUnsent } from './queue.ts'
import type { Waiting, WaitingEdit } from './queue.ts'
import { isForLater } from './server.ts'
import type { Refusal, Request, Server } from './server.ts'
import { saveRequest } from './writes.ts'

/**
 * saved: all of it is stored · saving: on its way · kept: in this browser, until the studio answers · elsewhere: another
 * window changed the same, the painter chooses · refused: as typed it cannot be stored, the message says why.
 */
export type Standing = 'saved' | 'saving' | 'kept' | 'elsewhere' | 'refused'

export interface DeskState {
  readonly drafts: ReadonlyMap<string, Draft>
  readonly standing: Standing
  readonly message: string | null
  readonly conflict: Conflict | null
  /** How many requests wait to be sent. */
  readonly waiting: number
  /** Deeds among them: what was done here and is not stored yet. */
  readonly deeds: readonly Request[]
  readonly canUndo: boolean
}

/** What a write answers (studio/commit.ts), as far as it is used here. */
export interface WrittenReply {
  readonly event: number
  readonly what: string
  readonly made: readonly string[]
  readonly things: readonly Thing[]
}

/** What became of a deed. kept: the studio did not answer; it is done once it does. */
export type Outcome =
  | { readonly is: 'done'; readonly written: WrittenReply }
  | { readonly is: 'refused'; readonly refusal: Refusal }
  | { readonly is: 'kept' }

export interface Desk {
  readonly state: ReadableAtom<DeskState>
  readonly edit: <K extends Kind>(kind: K, id: string, change: Partial<Bodies[K]>) => void
  /** Sends what was typed before it, then this, once. */
  readonly act: (request: Request) => Promise<Outcome>
  /** Takes back what was done last: what is typed and not yet sent, else the last event. */
  readonly undo: () => Promise<void>
  readonly resolve: (keep: 'mine' | 'theirs') => void
  /** Sends what is typed now instead of in a moment. */
  readonly flush: () => Promise<void>
  /** Adds things as they are stored now. */
  readonly take: (things: readonly Stored[]) => void
  /**
   * What other windows did: taken over where nothing was typed, laid under what was. False: something of this page is
   * on its way, so it must be told again later.
   */
  readonly hear: (news: readonly Thing[]) => boolean
  /** What a closed tab or a reload left: laid over what stands now, and sent. */
  readonly adopt: (left: readonly Kept[]) => void
  /** Sends nothing more of itself; what waits stays kept. */
  readonly close: () => void
}

export interface DeskOptions {
  readonly server: Server
  readonly keep: Keep
  /** Events that can be taken back, oldest first. */
  readonly events?: readonly number[]
  readonly settleMs?: number
  readonly retryMs?: number
  readonly newKey?: () => string
  /** Whether a thing that another window made is part of what is shown; `has` says what the page shows already. */
  readonly belongs?: (kind: Kind, body: Fields, has: (kind: Kind, id: string) => boolean) => boolean
}

/**
 * The one engine that saves: whatever a page edits or does goes through it, one request after another. The first of what
 * it begins with is the page's own thing, the others are parts of it.
 */
export function deskOf(initial: readonly Stored[], options: DeskOptions): Desk {
  const { server, keep, settleMs = 500, retryMs = 3000, newKey = () => crypto.randomUUID() } = options
  const { belongs = () => false } = options
  const drafts = new Drafts()
  let waiting: Waiting[] = []
  let events = options.events ?? []
  let standing: Standing = 'saved'
  let message: string | null = null
  let conflict: Conflict | null = null
  let timer: ReturnType<typeof setTimeout> | undefined
  let sending: Promise<void> | null = null
  let closed = false
  /** Why what is still typed could not be stored. */
  let refusedBecause: string | null = null
  const answers = new Map<string, (outcome: Outcome) => void>()

  const stateNow = (): DeskState => ({
    drafts: drafts.copied(),
    standing,
    message,
    conflict,
    waiting: waiting.length,
    deeds: waiting.flatMap((one) => (one.is === 'deed' ? [one.request] : [])),
    canUndo: events.length > 0 || waiting.some(isUnsent),
  })
  initial.forEach((thing) => drafts.store(thing))
  const state = atom(stateNow())

  function show(next?: Standing, why: string | null = null): void {
    if (next) {
      standing = next
      message = why
    }
    const needed = drafts.all().filter(isNeeded)
    keep.write(waiting.length > 0 || needed.length > 0 ? { drafts: needed, waiting } : null)
    state.set(stateNow())
  }

  const isNeeded = (draft: Draft): boolean => isTyped(draft) || editsOf(waiting, draft).length > 0

  /** What another life of this page left unsaved: its drafts laid over what stands now, its requests before any new. */
  function adopt({ drafts: left, waiting: unsent }: Kept): void {
    for (const one of left) conflict = drafts.adopt(one) ?? conflict
    waiting.push(...unsent)
  }

  function hear(news: readonly Thing[]): boolean {
    if (news.some(isBack)) {
      conflict = null
      show(waiting.length > 0 ? 'saving' : 'saved')
    }
    if (conflict || waiting.some((one) => one.is === 'deed' || one.sent !== null)) return false
    // What the page is of goes first: were it removed, its parts stay in view while the painter is asked.
    const inOrder = [...news].sort((a, b) => Number(isOwn(b)) - Number(isOwn(a)))
    for (const one of inOrder) if (!conflict && isUnheard(one)) conflict = hearOf(one)
    if (conflict) show('elsewhere')
    else if (news.length > 0) show()
    return !conflict
  }

  /** Whether what the painter is asked to put back is there again. */
  const isBack = ({ kind, id, body }: Thing): boolean =>
    body !== null && conflict?.theirs === null && kind === conflict.kind && id === conflict.id

  const isOwn = ({ kind, id }: Thing): boolean => kind === initial[0]?.kind && id === initial[0].id

  const has = (kind: Kind, id: string): boolean => drafts.of({ kind, id }) !== undefined

  const isUnheard = (thing: Thing): boolean => {
    const draft = drafts.of(thing)
    const { kind, revision, body } = thing
    return draft ? revision > draft.revision : body !== null && belongs(kind, body, has)
  }

  function hearOf(thing: Thing): Conflict | null {
    const draft = drafts.of(thing)
    const { kind, id, revision, body } = thing
    if (draft && body) return drafts.layOver(draft, withoutId(kind, { ...body, revision }))
    if (draft && (isOwn(thing) || isTyped(draft))) return { kind, id, clashes: [], theirs: null }
    drafts.storeOrDrop(thing)
    return null
  }

  function edit(kind: Kind, id: string, change: object): void {
    const draft = drafts.of({ kind, id })
    if (!draft) return
    if (!isOpen(waiting, kind, id)) queue(editOf(draft))
    drafts.type(draft, without({ ...draft.typed, ...change }, untouched(draft)))
    show(
      standing === 'kept' ? 'kept' : conflict ? 'elsewhere' : 'saving',
      standing === 'kept' ? message : null,
    )
    later(settleMs)
  }

  const editOf = ({ kind, id }: ThingId): WaitingEdit => ({
    is: 'edit',
    once: newKey(),
    kind,
    id,
    sent: null,
  })

  /** Puts it last; an edit before it stays as it is typed now. */
  function queue(next: Waiting): void {
    waiting = waiting.map((one) =>
      one.is === 'edit' && !fixedFields(one) ? { ...one, fields: drafts.of(one)?.typed ?? {} } : one,
    )
    waiting.push(next)
  }

  /** The last fields of a thing that are on their way, whatever is typed of it meanwhile. */
  const fixedOf = (of: ThingId): Fields | null | undefined =>
    editsOf(waiting, of)
      .map(fixedFields)
      .findLast((fields) => fields !== null)

  /** Fields typed back to what is stored are untyped, unless an older value of them is on its way. */
  const untouched = (draft: Draft): Fields => (fixedOf(draft) ? {} : draft.stored)

  function later(ms: number): void {
    clearTimeout(timer)
    if (!closed) timer = setTimeout(() => void pump(), ms)
  }

  const flush = (): Promise<void> => {
    clearTimeout(timer)
    return pump()
  }

  /** Sends what waits, in turn, until there is nothing left or nothing more can be sent. */
  const pump = (): Promise<void> =>
    (sending ??= sendAll().finally(() => {
      sending = null
      if (waiting.length > 0 && !conflict) later(standing === 'kept' ? retryMs : 0)
    }))

  async function sendAll(): Promise<void> {
    while (waiting.length > 0 && !conflict) {
      const next = waiting[0]!
      if (next.is === 'edit' && !drafts.of(next)) {
        waiting.shift()
        continue
      }
      if (!(await (next.is === 'edit' ? sendEdit(next) : sendDeed(next)))) return
    }
    if (waiting.length > 0 || conflict) return
    if (drafts.all().some(isTyped)) show('refused', refusedBecause)
    else if (standing !== 'refused') show('saved')
  }

  /** Whether the next may be sent. */
  async function sendEdit(item: WaitingEdit): Promise<boolean> {
    const draft = drafts.of(item)!
    const fields = stillTyped(item.fields, draft)
    if (item.sent === null && Object.keys(fields).length === 0) {
      waiting.shift()
      return true
    }
    const { id, kind } = item
    const body = { ...draft.stored, ...fields }
    const sent = item.sent ?? { request: saveRequest(kind, id, body, draft.revision), fields }
    waiting[0] = { ...item, sent }
    show(standing === 'kept' ? undefined : 'saving')
    const reply = await server({ ...sent.request, once: item.once })
    if (reply.ok) {
      waiting.shift()
      accept(reply.value as WrittenReply)
      drafts.type(item, without(drafts.of(item)?.typed ?? {}, sent.fields))
      show('saving')
      return true
    }
    return editRefused(item, reply.refusal)
  }

  function editRefused(item: WaitingEdit, refusal: Refusal): boolean {
    if (isForLater(refusal)) return putOff(refusal)
    waiting.shift()
    const { kind, id } = item
    // 404: it went with what it is part of.
    if (refusal.status !== 409 && refusal.status !== 404) {
      refusedBecause = refusal.message
      show('refused', refusal.message)
      return true
    }
    const theirs = (refusal.current ?? null) as Conflict['theirs']
    waiting = waiting.filter((one) => one.is === 'deed' || one.kind !== kind || one.id !== id)
    conflict = theirs
      ? drafts.layOver(drafts.of(item)!, withoutId(kind, theirs))
      : { kind, id, clashes: [], theirs: null }
    if (conflict) show('elsewhere')
    else waiting.unshift(editOf(item))
    return !conflict
  }

  /** A deed that saw a thing as it was before an edit from here was stored has seen it as that left it. */
  function asItStands({ request, after }: Waiting & { is: 'deed' }): Request {
    const draft = after && drafts.of(after)
    const body = request.body as Fields | undefined
    return draft && typeof body?.['seen'] === 'number'
      ? { ...request, body: { ...body, seen: draft.revision } }
      : request
  }

  async function sendDeed(item: Waiting & { is: 'deed' }): Promise<boolean> {
    show(standing === 'kept' ? undefined : 'saving')
    const reply = await server({ ...asItStands(item), once: item.once })
    if (!reply.ok && isForLater(reply.refusal)) return putOff(reply.refusal)
    const answer = answers.get(item.once)
    waiting.shift()
    answers.delete(item.once)
    if (reply.ok) {
      const written = reply.value as WrittenReply
      accept(written, undoneBy(item.request))
      show('saving')
      answer?.({ is: 'done', written })
    } else {
      show('refused', reply.refusal.message)
      answer?.({ is: 'refused', refusal: reply.refusal })
    }
    return true
  }

  function putOff(refusal: Refusal): boolean {
    for (const answer of answers.values()) answer({ is: 'kept' })
    answers.clear()
    show('kept', refusal.message)
    return false
  }

  /** Takes over what a write left behind, and remembers how to take it back. */
  function accept({ event, things }: WrittenReply, undone: number | null = null): void {
    events = undone === null ? [...events, event] : events.filter((one) => one !== undone)
    things.forEach((thing) => drafts.storeOrDrop(thing))
  }

  async function act(request: Request): Promise<Outcome> {
    const once = newKey()
    const after = editedFirst(waiting, request)
    queue({ is: 'deed', once, request, ...(after && { after }) })
    const outcome = new Promise<Outcome>((resolve) => answers.set(once, resolve))
    show(standing === 'kept' ? undefined : 'saving')
    void flush()
    return outcome
  }

  async function undo(): Promise<void> {
    const unsent = waiting.findLast(isUnsent)
    if (unsent) {
      waiting = waiting.filter((one) => one !== unsent)
      drafts.type(unsent, fixedOf(unsent) ?? {})
      return show(waiting.length > 0 ? undefined : 'saved')
    }
    await flush()
    const event = events.at(-1)
    if (event === undefined || waiting.length > 0) return
    // What was refused as typed goes with the undo: the page shows what is stored again.
    for (const draft of drafts.all()) drafts.type(draft, {})
    await act(undoOf({ event }))
    events = events.filter((one) => one !== event)
    show()
  }

  function resolve(choice: 'mine' | 'theirs'): void {
    if (!conflict) return
    const { kind, id, theirs } = conflict
    const draft = drafts.of(conflict)
    const chosen = draft && settled(draft, conflict, choice)
    if (chosen) {
      drafts.put(chosen)
      if (isTyped(chosen)) waiting.unshift(editOf(chosen))
      if (!theirs) waiting.unshift({ is: 'deed', once: newKey(), request: undoOf({ removed: { kind, id } }) })
    } else drafts.drop(conflict)
    conflict = null
    show(waiting.length > 0 ? 'saving' : 'saved')
    void flush()
  }

  return {
    state,
    edit,
    act,
    undo,
    resolve,
    flush,
    take: (things) => {
      things.forEach((thing) => drafts.store(thing))
      show()
    },
    hear,
    adopt: (left) => {
      left.forEach(adopt)
      if (conflict) show('elsewhere')
      else if (waiting.length > 0) {
        show('kept')
        later(0)
      }
    },
    close: () => {
      closed = true
      clearTimeout(timer)
    },
  }
}

/** An event, or whatever removed a thing that is no longer there. */
type Undone = { readonly event: number } | { readonly removed: ThingId }

const undoOf = (body: Undone): Request => ({ method: 'POST', path: '/api/undo', body })

/** The event a request takes back, where it names one. */
const undoneBy = ({ path, body }: Request): number | null =>
  (path === '/api/undo' && (body as { event?: number }).event) || null

/** Settings are edited without the id they are stored under. */
const withoutId = <Theirs extends object>(kind: Kind, theirs: Theirs): Theirs => {
  if (kind !== 'setting') return theirs
  const { id: _id, ...rest } = theirs as { id?: string }
  return rest as Theirs
}

/** What a desk shows of one thing; null when it is not there. */
export const shownOn = <K extends Kind>(
  { drafts }: DeskState,
  kind: K,
  id: string,
): (Bodies[K] & { readonly revision: number }) | null => {
  const draft = drafts.get(nameOf(kind, id))
  return draft ? shownOf<K>(draft) : null
}

/** All of a kind that a desk shows. */
export const allShown = <K extends Kind>(
  { drafts }: DeskState,
  kind: K,
): readonly (Bodies[K] & { readonly revision: number })[] =>
  [...drafts.values()].filter((draft) => draft.kind === kind).map((draft) => shownOf<K>(draft))
