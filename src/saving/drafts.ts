import type { Kind } from '../document/kinds.ts'
import { draftOf, merged, nameOf, same } from './draft.ts'
import type { Clash, Draft, Fields } from './draft.ts'

/** What a thing is told apart by. */
export interface ThingId {
  readonly kind: Kind
  readonly id: string
}

/** A thing as the studio has it. */
export interface Stored extends ThingId {
  readonly body: object & { readonly revision: number }
}

/** A thing as a write left it; no body: it is gone. */
export interface Thing extends ThingId {
  readonly revision: number
  readonly body: Fields | null
}

type Theirs = Fields & { readonly revision: number }

/** Two versions of one thing. `theirs` null: it was removed elsewhere. */
export interface Conflict extends ThingId {
  readonly clashes: readonly Clash[]
  readonly theirs: Theirs | null
}

export const isTyped = ({ typed }: Draft): boolean => Object.keys(typed).length > 0

/** The things a page shows, each as it is stored and with what is typed over it. */
export class Drafts {
  readonly #byName = new Map<string, Draft>()

  /** As they are now, for who looks at them later. */
  copied(): ReadonlyMap<string, Draft> {
    return new Map(this.#byName)
  }

  all(): readonly Draft[] {
    return [...this.#byName.values()]
  }

  of({ kind, id }: ThingId): Draft | undefined {
    return this.#byName.get(nameOf(kind, id))
  }

  put(draft: Draft): void {
    this.#byName.set(nameOf(draft.kind, draft.id), draft)
  }

  drop({ kind, id }: ThingId): void {
    this.#byName.delete(nameOf(kind, id))
  }

  /** A thing as it is stored now; what is typed of it stays. */
  store({ kind, id, body }: Stored): void {
    const typed = this.of({ kind, id })?.typed ?? {}
    this.put({ ...draftOf(kind, id, body), typed })
  }

  /** As a write left it. */
  storeOrDrop({ kind, id, revision, body }: Thing): void {
    if (body) this.store({ kind, id, body: { ...body, revision } })
    else this.drop({ kind, id })
  }

  type(of: ThingId, typed: Fields): void {
    const draft = this.of(of)
    if (draft) this.put({ ...draft, typed })
  }

  /** Lays what is typed over what stands now; what was changed on both sides is for the painter to choose. */
  layOver(draft: Draft, theirs: Theirs): Conflict | null {
    const { kind, id } = draft
    const { revision, ...stored } = theirs
    const { typed, clashes } = merged(draft, stored)
    const isAsked = clashes.length > 0
    this.put(isAsked ? draft : { ...draft, revision, stored, typed })
    return isAsked ? { kind, id, clashes, theirs } : null
  }

  /** What another life of the page left typed, laid over what stands now. */
  adopt(left: Draft): Conflict | null {
    const now = this.of(left)
    if (now && now.revision !== left.revision)
      return this.layOver(left, { ...now.stored, revision: now.revision })
    this.put(now ? { ...now, typed: left.typed } : left)
    return null
  }
}

/** A thing as the painter chose to have it; null: it goes. */
export function settled(draft: Draft, { theirs }: Conflict, choice: 'mine' | 'theirs'): Draft | null {
  if (!theirs) return choice === 'mine' ? draft : null
  const { revision, ...stored } = theirs
  const { typed } = merged(draft, stored)
  const kept = choice === 'mine' ? typed : withoutClashing(typed, draft.stored, stored)
  return { ...draft, revision, stored, typed: kept }
}

/** Of what was typed, only what nobody else changed. */
const withoutClashing = (typed: Fields, before: Fields, theirs: Fields): Fields =>
  Object.fromEntries(Object.entries(typed).filter(([field]) => same(before[field], theirs[field])))
