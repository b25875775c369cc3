import { sql } from 'kysely'
import type { LayerDocument } from '../document/layer.ts'
import type { Revised } from '../document/studio.ts'
import type { Database } from './database.ts'
import { columns, readAll } from './records.ts'

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

/** Whether a layer is still to be painted, or was thinned, or has something on it besides paint. */
const isMoreThanPaint = sql<boolean>`(
  json_extract(body, '$.painted') is null
  or json_extract(body, '$.painted.thinner') is not null
  or json_array_length(body, '$.painted.besides') > 0
  or json_array_length(body, '$.besides') > 0
)`

/** The layers of these paintings in which something may hide, in one query: not those of paint alone. */
export async function layersToLookThrough(
  db: Database,
  paintingIds: readonly string[],
): Promise<readonly Revised<LayerDocument>[]> {
  const rows = await db
    .selectFrom('layer')
    .select(columns)
    .where('parent_id', 'in', [...paintingIds])
    .where(isMoreThanPaint)
    .orderBy('id')
    .execute()
  return readAll('layer', rows)
}
