import { departuresOf, repairOf } from '../../core/batch/pouring.ts'
import type { Pour } from '../../core/batch/pouring.ts'
import type { Batch } from '../batch.ts'

/** What is done at the hot plate, and what each deed makes of a batch. */
export type BatchDeed = 'pour' | 'unpour' | 'repair' | 'finish'

/** One more pour; what was not wanted in it becomes a line of nothing wanted. */
export const withPour = (
  { targets, pours }: Batch,
  pour: Batch['pours'][number],
): Pick<Batch, 'targets' | 'pours'> => ({
  targets: targets.some(({ material }) => material === pour.material)
    ? targets
    : [...targets, { material: pour.material, grams: 0 }],
  pours: [...pours, pour],
})

export const withoutLastPour = ({ pours }: Batch): Pick<Batch, 'pours'> => ({ pours: pours.slice(0, -1) })

/** A finished batch. One that is not what it was meant to be takes a name of its own, and is no batch of that medium. */
export const finished = (
  { name, targets, pours }: Batch,
  at: string,
  as = `${name}, as it came out`,
): Partial<Batch> =>
  departuresOf(targets, pours).length === 0 ? { madeOn: at } : { madeOn: at, name: as, mediumId: null }

/** A batch as it will be once a deed that waits for the studio is done. What only the studio can say stays as it is. */
export function expected<Shown extends Batch>(batch: Shown, deed: string, sent: unknown, at: string): Shown {
  if (deed === 'pour') return { ...batch, ...withPour(batch, { ...(sent as Pour), at, drawnG: 0 }) }
  if (deed === 'unpour') return { ...batch, ...withoutLastPour(batch) }
  if (deed === 'finish') return { ...batch, ...finished(batch, at, (sent as { name?: string }).name) }
  const repair = deed === 'repair' ? repairOf(batch.targets, batch.pours) : null
  return repair ? { ...batch, targets: [...repair.targets] } : batch
}
