import type { PaintingDocument } from '../document/studio.ts'
import type { Wish } from '../store/history.ts'
import { listOf } from '../store/records.ts'
import { commit, findOrRefuse } from './commit.ts'
import type { Write, Written } from './commit.ts'

/** Begins a painting when `seen` is null, changes it otherwise. */
export const savePainting = (
  write: Write,
  painting: PaintingDocument,
  seen: number | null,
): Promise<Written> =>
  commit(write, () =>
    Promise.resolve({
      what: `${seen === null ? 'Began' : 'Changed'} ${painting.title}`,
      paintingId: painting.id,
      wishes: [{ kind: 'painting', id: painting.id, body: painting, seen }],
    }),
  )

/** Removes a painting with its layers and their touch tests; one undo brings all of it back. */
export const removePainting = (write: Write, id: string, seen: number): Promise<Written> =>
  commit(write, async (trx) => {
    const { title } = await findOrRefuse(trx, 'painting', id)
    const layers = await listOf(trx, 'layer', [id])
    const layerIds = layers.map((layer) => layer.id)
    const tests = await listOf(trx, 'touch_test', layerIds)
    return {
      what: `Removed ${title}`,
      paintingId: id,
      wishes: [
        ...tests.map((test): Wish => ({ kind: 'touch_test', id: test.id, body: null })),
        ...layerIds.map((layerId): Wish => ({ kind: 'layer', id: layerId, body: null })),
        { kind: 'painting', id, body: null, seen },
      ],
    }
  })
