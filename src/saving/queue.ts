import type { Kind } from '../document/kinds.ts'
import type { Fields } from './draft.ts'
import type { Request } from './server.ts'

/**
 * Something to be sent, in turn. An edit takes up what is typed until it is first sent; from then on it is sent again as
 * it was, under the same key, so that a lost answer does no harm.
 */
export type Waiting =
  | {
      readonly is: 'edit'
      readonly once: string
      readonly kind: Kind
      readonly id: string
      /** What was sent; null while it is still being typed. */
      readonly sent: { readonly request: Request; readonly fields: Fields } | null
    }
  | {
      readonly is: 'deed'
      readonly once: string
      readonly request: Request
      /** The thing it is about, where an edit of it from here goes first: by then that stands at another revision. */
      readonly after?: { readonly kind: Kind; readonly id: string }
    }

/** The edit that what is typed now belongs to: the last in the queue, still unsent. */
export function openEdit(waiting: readonly Waiting[], kind: Kind, id: string): Waiting | null {
  const last = waiting.findLast((one) => one.is === 'deed' || (one.kind === kind && one.id === id))
  return last?.is === 'edit' && last.sent === null ? last : null
}

/** The thing a deed is about, by its address, where an edit of it waits. */
export function editedFirst(
  waiting: readonly Waiting[],
  { path }: Request,
): { readonly kind: Kind; readonly id: string } | undefined {
  for (const one of waiting)
    if (one.is === 'edit' && path.endsWith(`/${encodeURIComponent(one.id)}`))
      return { kind: one.kind, id: one.id }
  return undefined
}
