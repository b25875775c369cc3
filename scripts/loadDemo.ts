/** Loads the demo studio into an empty data folder; leaves one that holds something alone. */
import { ternStreet } from '../demo/ternStreet.ts'
import { studioDocumentSchema } from '../src/document/studio.ts'
import { openDatabase } from '../src/store/database.ts'
import { list } from '../src/store/records.ts'
import { nowMinute } from '../src/studio/studio.ts'
import { loadDocument } from '../src/studio/writing.ts'

const db = await openDatabase()
const now = nowMinute()
if ((await list(db, 'painting')).length === 0) await loadDocument(db, now, studioDocumentSchema.parse(ternStreet(now)))
await db.destroy()
