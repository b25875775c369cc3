import type { Database } from './database.ts'

/** Ids of the layers that name any of these materials, mediums, batches or tubes. */
export async function layersNaming(db: Database, ids: readonly string[]): Promise<readonly string[]> {
  if (ids.length === 0) return []
  const rows = await db
    .selectFrom('mention')
    .select('from_id')
    .distinct()
    .where('from_kind', '=', 'layer')
    .where('role', 'in', ['material', 'medium', 'tube'])
    .where('to_id', 'in', [...ids])
    .execute()
  return rows.map(({ from_id }) => from_id)
}
