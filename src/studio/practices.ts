import { isShipped } from '../core/practice/shipped.ts'
import type { PracticeDocument } from '../document/practice.ts'
import type { Revised } from '../document/studio.ts'
import type { Database } from '../store/database.ts'
import { list } from '../store/records.ts'
import { commit, findOrRefuse } from './commit.ts'
import type { Write, Written } from './commit.ts'

/** Adds a practice, or the studio's own limits for a shipped one, when `seen` is null; changes it otherwise. */
export const savePractice = (
  write: Write,
  practice: PracticeDocument,
  seen: number | null,
): Promise<Written> =>
  commit(write, () =>
    Promise.resolve({
      what: `${seen === null && !isShipped(practice.id) ? 'Added' : 'Changed'} practice ${practice.name}`,
      wishes: [{ kind: 'practice', id: practice.id, body: practice, seen }],
    }),
  )

/** Goes back to a practice as shipped, or removes one of the studio's own that no painting follows. */
export const removePractice = (write: Write, id: string, seen: number): Promise<Written> =>
  commit(write, async (trx) => {
    const { name } = await findOrRefuse(trx, 'practice', id)
    return {
      what: isShipped(id) ? `Put practice ${name} back as it was shipped` : `Removed practice ${name}`,
      wishes: [{ kind: 'practice', id, body: null, seen }],
    }
  })

/** The practices a studio has changed, and its own. */
export const practicesOf = (db: Database): Promise<readonly Revised<PracticeDocument>[]> =>
  list(db, 'practice')
