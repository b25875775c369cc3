import type { Bodies, Kind } from '../document/kinds.ts'

/** One thing being edited: as it is stored, and what was typed since. */
export interface Draft {
  readonly kind: Kind
  readonly id: string
  readonly revision: number
  readonly stored: Fields
  readonly typed: Fields
}

export type Fields = Readonly<Record<string, unknown>>

const shown = new WeakMap<Draft, object>()

/** What is shown: as stored, with what was typed on top; the same object as long as the draft is the same. */
export function shownOf<K extends Kind>(draft: Draft): Bodies[K] & { revision: number } {
  const { stored, typed, revision } = draft
  const body = shown.get(draft) ?? { ...stored, ...typed, revision }
  shown.set(draft, body)
  return body as unknown as Bodies[K] & { revision: number }
}

export const nameOf = (kind: Kind, id: string): string => `${kind}/${id}`

export const draftOf = (kind: Kind, id: string, body: object & { readonly revision: number }): Draft => {
  const { revision, ...stored } = body
  return { kind, id, revision, stored, typed: {} }
}

/** A field that was typed here and changed elsewhere. */
export interface Clash {
  readonly field: string
  readonly mine: unknown
  readonly theirs: unknown
}

/**
 * What was typed, laid over what stands now: a field nobody else touched stays typed, one that came to the same is done
 * with, and one that was changed on both sides is a clash for the painter.
 */
export function merged(
  { stored, typed }: Pick<Draft, 'stored' | 'typed'>,
  theirs: Fields,
): { readonly typed: Fields; readonly clashes: readonly Clash[] } {
  const still = Object.entries(typed).filter(([field, mine]) => !same(mine, theirs[field]))
  const clashes = still
    .filter(([field]) => !same(stored[field], theirs[field]))
    .map(([field, mine]) => ({ field, mine, theirs: theirs[field] }))
  return { typed: Object.fromEntries(still), clashes }
}

/** Whether two values of documents are the same: they are plain JSON. */
export function same(a: unknown, b: unknown): boolean {
  if (a === b) return true
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false
  const [left, right] = [Object.entries(a), new Map(Object.entries(b))]
  return (
    left.length === right.size && left.every(([key, value]) => right.has(key) && same(value, right.get(key)))
  )
}

/** Of fields queued earlier those that are still typed; all that is typed where none were fixed. */
export const stillTyped = (fields: Fields | undefined, { typed }: Draft): Fields =>
  fields ? Object.fromEntries(Object.entries(fields).filter(([field]) => field in typed)) : typed

/** What was typed, less what was just saved of it. */
export const without = (typed: Fields, sent: Fields): Fields =>
  Object.fromEntries(Object.entries(typed).filter(([field, value]) => !same(value, sent[field])))
