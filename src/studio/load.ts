import { thingsOfDocument } from '../document/studioDocument.ts'
import type { StudioDocument } from '../document/studioDocument.ts'
import type { Database } from '../store/database.ts'
import { anything } from '../store/records.ts'
import { commit } from './commit.ts'
import type { Write, Written } from './commit.ts'
import { refused } from './refused.ts'

/** Whether nothing was put into the studio yet: no picture and no medium. */
export const isEmpty = async (db: Database): Promise<boolean> => !(await anything(db))

/** Fills an empty studio from a document. Refused when it holds anything. */
export const loadDocument = (write: Write, document: StudioDocument): Promise<Written> =>
  commit(write, async (trx) => {
    if (await anything(trx))
      throw refused('This studio already holds work. A document is loaded into an empty one.')
    return { what: 'Loaded a studio document', wishes: thingsOfDocument(document) }
  })
