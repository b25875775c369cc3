import { placeIn } from '../document/places.ts'
import type { PaintingDocument } from '../document/studio.ts'
import type { Wish } from '../store/history.ts'
import { forgetAddressIn } from '../store/forget.ts'
import { listOf } from '../store/records.ts'
import { commit, findOrRefuse } from './commit.ts'
import type { Write, Written } from './commit.ts'
import { settingsOf } from './settings.ts'

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

/** From a day on a painting dries in another place. */
export const movePainting = (
  write: Write,
  id: string,
  { placeId, on }: { readonly placeId: string; readonly on: string },
): Promise<Written> =>
  commit(write, async (trx) => {
    const { revision, ...painting } = await findOrRefuse(trx, 'painting', id)
    const moves = [...painting.moves.filter((move) => move.on !== on), { placeId, on }]
    const { name } = placeIn(await settingsOf(trx), placeId)
    return {
      what: `Moved ${painting.title} to ${name}`,
      paintingId: id,
      wishes: [{ kind: 'painting', id, body: { ...painting, moves }, seen: revision }],
    }
  })

/** Forgets where the owner of a painting lives, in the history too; a backup made before keeps it. */
export const forgetAddress = (write: Write, id: string): Promise<Written> =>
  commit(write, async (trx) => {
    const { revision, ...painting } = await findOrRefuse(trx, 'painting', id)
    const owed = painting.owed && { ...painting.owed, address: '' }
    return {
      what: `Forgot an address of ${painting.title}`,
      paintingId: id,
      wishes: [{ kind: 'painting', id, body: { ...painting, owed }, seen: revision }],
      afterwards: (written) => forgetAddressIn(written, id),
    }
  })

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
