/** Loads the demo studio into an empty data folder; leaves one that holds something alone. */
import { photographed } from '../demo/photographs.ts'
import { ternStreet } from '../demo/ternStreet.ts'
import { studioDocumentSchema } from '../src/document/studioDocument.ts'
import { failureOf } from '../src/store/failure.ts'
import { openStudio } from '../src/store/open.ts'
import { anything } from '../src/store/records.ts'
import { loadDocument } from '../src/studio/load.ts'
import { nowMinute } from '../src/studio/studio.ts'

try {
  const { db, close } = await openStudio()
  const at = nowMinute()
  if (!(await anything(db))) {
    const studio = await photographed(studioDocumentSchema.parse(ternStreet(at)), at)
    await loadDocument({ db, at }, studio)
  }
  await close()
} catch (error) {
  const failure = failureOf(error)
  if (!failure) throw error
  console.error(failure.message)
  process.exitCode = 1
}
