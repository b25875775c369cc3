import type { Kind } from '../document/kinds.ts'

/** What is stored but cannot be read: kept out of the way, never thrown, and shown to the painter. */

export interface Aside {
  readonly kind: Kind
  readonly id: string
  readonly why: string
}

const found = new Map<string, Aside>()

const nameOf = (kind: Kind, id: string): string => `${kind}/${id}`

/** Remembers that a thing could not be read. */
export const setAside = (kind: Kind, id: string, why: string): void => {
  found.set(nameOf(kind, id), { kind, id, why })
}

/** It was written anew or removed: it may be read again. */
export const forgetAside = (kind: Kind, id: string): void => {
  found.delete(nameOf(kind, id))
}

/** Another studio is open. */
export const forgetAllAside = (): void => found.clear()

/** Everything met so far that could not be read. */
export const asideNow = (): readonly Aside[] => [...found.values()]
