import { useMemo } from 'react'
import type { Bodies, Kind } from '../../document/kinds.ts'
import { shownOn } from '../../saving/desk.ts'
import type { Desk, DeskState } from '../../saving/desk.ts'
import { useDesk } from '../useDesk.ts'

/** One thing being edited: shown at once, saved half a second after the last key, undone a step at a time. */
export interface Saved<K extends Kind> {
  readonly body: Bodies[K] & { readonly revision: number }
  readonly edit: (change: Partial<Bodies[K]>) => void
  readonly desk: Desk
  readonly state: DeskState
}

export function useSavedThing<K extends Kind>(
  kind: K,
  initial: Bodies[K] & { readonly revision: number },
  events: readonly number[],
): Saved<K> {
  const { id } = initial
  const { desk, state } = useDesk(`${kind}/${id}`, [{ kind, id, body: initial }], events)
  const body = useMemo(() => shownOn(state, kind, id) ?? initial, [state, kind, id, initial])
  return {
    body,
    edit: (change) => desk.edit(kind, id, change),
    desk,
    state,
  }
}
