import { useEffect } from 'react'
import type { LayerDocument } from '../../document/layer.ts'
import type { PaintingDocument } from '../../document/studio.ts'
import { setAlarms } from '../../ui/alarm/alarms.ts'
import type { LaidHeap } from './laidOut.ts'

const msAMinute = 60_000

/** Keeps the alarms of a layer's heaps in this browser: every page rings them, also after a reload. */
export function useAlarms(
  { id, title }: PaintingDocument,
  layer: LayerDocument,
  heaps: readonly LaidHeap[],
): void {
  useEffect(() => {
    setAlarms(
      layer.id,
      heaps.flatMap(({ heap, name, clock }) =>
        clock && heap.mixed
          ? [
              {
                id: `${heap.id} ${heap.mixed.at} ${heap.kept.length}`,
                at: clock.alarm * msAMinute,
                sets: clock.sets * msAMinute,
                says: `${name}, ${layer.name} of ${title}`,
                address: `/paintings/${id}/palette?layer=${layer.id}`,
              },
            ]
          : [],
      ),
    )
  }, [id, title, layer, heaps])
}
