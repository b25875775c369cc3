import type { Kind } from '../document/kinds.ts'
import type { Fields } from './draft.ts'
import type { ThingId } from './drafts.ts'
import type { Request } from './server.ts'

/**
 * Something to be sent, in turn. An edit takes up what is typed until it is first sent or something else is done after
 * it; once sent it is sent again as it was, under the same key, so that a lost answer does no harm.
 */
export type Waiting =
  | {
      readonly is: 'edit'
      readonly once: string
      readonly kind: Kind
      readonly id: string
      /** What was typed when something else was done after it; without: all that is typed. */
      readonly fields?: Fields
      /** What was sent; null while it is still being typed. */
      readonly sent: { readonly request: Request; readonly fields: Fields } | null
    }
  | {
      readonly is: 'deed'
      readonly once: string
      readonly request: Request
      /** The thing it is about, where an edit of it from here goes first: by then that stands at another revision. */
      readonly after?: ThingId
    }

export type WaitingEdit = Extract<Waiting, { readonly is: 'edit' }>

export const isUnsent = (one: Waiting): one is WaitingEdit => one.is === 'edit' && one.sent === null

/** The edits of a thing, the oldest first. */
export const editsOf = (waiting: readonly Waiting[], of: ThingId): readonly WaitingEdit[] =>
  waiting.filter((one): one is WaitingEdit => one.is === 'edit' && one.kind === of.kind && one.id === of.id)

/** Whether what is typed now belongs to the edit that was queued last, so that nothing overtakes what was done between. */
export function isOpen(waiting: readonly Waiting[], kind: Kind, id: string): boolean {
  const last = waiting.at(-1)
  return last !== undefined && isUnsent(last) && last.kind === kind && last.id === id
}

/** What a waiting edit is of; null where it is still typed. */
export const fixedFields = ({ sent, fields }: WaitingEdit): Fields | null => sent?.fields ?? fields ?? null

/** The thing a deed is about, by its address, where an edit of it waits. */
export function editedFirst(waiting: readonly Waiting[], { path }: Request): ThingId | undefined {
  for (const one of waiting)
    if (one.is === 'edit' && path.endsWith(`/${encodeURIComponent(one.id)}`))
      return { kind: one.kind, id: one.id }
  return undefined
}
