import type { Database } from './database.ts'

/** One thing a calendar is told of, as it now stands. */
export interface ToldEntry {
  readonly uid: string
  /** All that is said of it, in one text: another text is another version. */
  readonly said: string
}

/** Which version of it that is, and since when. */
export interface EntryVersion {
  readonly sequence: number
  readonly stamp: string
}

/** Numbers what is told: an entry whose text changed since it was last told gets the next number, however often it is read. */
export const numbered = (
  db: Database,
  entries: readonly ToldEntry[],
  now: string,
): Promise<ReadonlyMap<string, EntryVersion>> =>
  db.transaction().execute(async (trx) => {
    const rows = await trx.selectFrom('feed_entry').selectAll().execute()
    const before = new Map(rows.map((row) => [row.uid, row]))
    const versions = new Map<string, EntryVersion>()
    for (const { uid, said } of entries) {
      const known = before.get(uid)
      if (known?.said === said) {
        versions.set(uid, known)
        continue
      }
      const version = { sequence: known ? known.sequence + 1 : 0, stamp: now }
      versions.set(uid, version)
      await trx
        .insertInto('feed_entry')
        .values({ uid, said, ...version })
        .onConflict((conflict) => conflict.column('uid').doUpdateSet({ said, ...version }))
        .execute()
    }
    return versions
  })
