import type { OwnTube } from '../document/tube.ts'
import type { Wish } from '../store/history.ts'
import { commit, findOrRefuse } from './commit.ts'
import type { Write, Written } from './commit.ts'

/** The painter's own tubes of paint. */

/** Adds a tube when `seen` is null, changes it otherwise; what is painted with it stays as it was. */
export const saveTube = (write: Write, tube: OwnTube, seen: number | null): Promise<Written> =>
  commit(write, () =>
    Promise.resolve({
      what: `${seen === null ? 'Added' : 'Changed'} the tube ${tube.name}`,
      wishes: [{ kind: 'tube', id: tube.id, body: tube, seen }],
    }),
  )

/** Layers planned with it keep what it was made of. */
export const removeTube = (write: Write, id: string, seen: number): Promise<Written> =>
  commit(write, async (trx) => ({
    what: `Removed the tube ${(await findOrRefuse(trx, 'tube', id)).name}`,
    wishes: [{ kind: 'tube', id, body: null, seen }],
  }))

/** Brings a whole list of tubes in one step, overriding what has the same id. */
export const saveTubes = (write: Write, tubes: readonly OwnTube[]): Promise<Written> =>
  commit(write, () =>
    Promise.resolve({
      what: `Brought ${tubes.length} ${tubes.length === 1 ? 'tube' : 'tubes'} of paint`,
      wishes: tubes.map((body): Wish => ({ kind: 'tube', id: body.id, body })),
    }),
  )
