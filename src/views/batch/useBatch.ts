import { useMemo } from 'react'
import { minuteAt } from '../../core/plan/calendar.ts'
import type { Batch } from '../../document/batch.ts'
import { expected } from '../../document/jar/batchDeeds.ts'
import type { BatchDeed } from '../../document/jar/batchDeeds.ts'
import type { Revised } from '../../document/studio.ts'
import type { Desk, DeskState } from '../../saving/desk.ts'
import { requestTo } from '../../ui/client.ts'
import { useSavedThing } from '../../ui/bench/useSavedThing.ts'

export interface EditedBatch {
  /** With what waits for the studio already in it. */
  readonly batch: Revised<Batch>
  /** What was poured while the studio does not answer: in the jar, and not in the record yet. */
  readonly kept: Batch['pours']
  readonly desk: Desk
  readonly state: DeskState
  readonly edit: (change: Partial<Batch>) => void
  /** A deed of its own. True once it is done and stored, or kept to be done when the studio answers. */
  readonly act: (deed: BatchDeed, body?: object) => Promise<boolean>
}

/**
 * One batch at the hot plate: a tap counts at once and is stored in its turn, so that none is lost while an earlier one
 * is on its way.
 */
export function useBatch(initial: Revised<Batch>, events: readonly number[]): EditedBatch {
  const { body, edit, desk, state } = useSavedThing('batch', initial, events)
  const batch = useMemo(
    () =>
      state.deeds.reduce((shown, { path, body: sent }) => {
        const deed = path.slice(path.lastIndexOf('/') + 1)
        return expected(shown, deed, sent, minuteAt(new Date()))
      }, body),
    [body, state.deeds],
  )
  return {
    batch,
    kept: state.standing === 'kept' ? batch.pours.slice(body.pours.length) : [],
    desk,
    state,
    edit,
    act: async (deed, sent = {}) => {
      const params = { id: initial.id }
      const outcome = await desk.act(requestTo(`POST /api/batches/{id}/${deed}`, sent as never, { params }))
      return outcome.is !== 'refused'
    },
  }
}
