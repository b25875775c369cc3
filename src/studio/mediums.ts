import type { MediumDocument } from '../document/recipe.ts'
import type { Wish } from '../store/history.ts'
import { commit, findOrRefuse } from './commit.ts'
import type { Write, Written } from './commit.ts'

/** Adds a medium when `seen` is null, changes it otherwise. */
export const saveMedium = (write: Write, medium: MediumDocument, seen: number | null): Promise<Written> =>
  commit(write, () =>
    Promise.resolve({
      what: `${seen === null ? 'Added' : 'Changed'} medium ${medium.name}`,
      wishes: [{ kind: 'medium', id: medium.id, body: medium, seen }],
    }),
  )

/** Refused while a planned layer or another medium names it. */
export const removeMedium = (write: Write, id: string, seen: number): Promise<Written> =>
  commit(write, async (trx) => ({
    what: `Removed medium ${(await findOrRefuse(trx, 'medium', id)).name}`,
    wishes: [{ kind: 'medium', id, body: null, seen }],
  }))

/** Takes a whole list of mediums in one step, overriding what has the same id. */
export const saveMediums = (write: Write, mediums: readonly MediumDocument[]): Promise<Written> =>
  commit(write, () =>
    Promise.resolve({
      what: `Brought ${mediums.length} ${mediums.length === 1 ? 'medium' : 'mediums'} from a list`,
      wishes: mediums.map((body): Wish => ({ kind: 'medium', id: body.id, body })),
    }),
  )
