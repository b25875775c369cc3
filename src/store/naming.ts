import { sql } from 'kysely'
import { kinds } from '../document/kinds.ts'
import type { Kind } from '../document/kinds.ts'
import type { Role } from '../document/mentions.ts'
import type { Database, Trx } from './database.ts'

/** Who names whom, asked the other way round. */

type Reader = Database | Trx

export interface Namer {
  readonly kind: Kind
  readonly id: string
}

/** The things that name one, at most `most` of them; with `holding`, only those that hold on to it. */
export async function namersOf(
  db: Reader,
  role: Role,
  id: string,
  { holding = false, most = 100 } = {},
): Promise<readonly Namer[]> {
  const rows = await db
    .selectFrom('mention')
    .select(['from_kind', 'from_id'])
    .where('role', '=', role)
    .where('to_id', '=', id)
    .$if(holding, (query) => query.where('holds', '=', 1))
    .orderBy('from_kind')
    .orderBy('from_id')
    .limit(most)
    .execute()
  return rows.map(({ from_kind, from_id }) => ({ kind: from_kind as Kind, id: from_id }))
}

/** Ids of the paintings that any of these things reaches, through whatever names it. */
export async function paintingsReached(
  db: Reader,
  things: readonly { readonly kind: Kind; readonly id: string }[],
): Promise<readonly string[]> {
  const named = things.flatMap(({ kind, id }) => (kinds[kind].role ? [{ role: kinds[kind].role, id }] : []))
  if (named.length === 0) return []
  const { rows } = await sql<{ parent_id: string }>`
    with recursive reach (role, id) as (
      select value ->> 'role', value ->> 'id' from json_each(${JSON.stringify(named)})
      union
      select case mention.from_kind when 'batch' then 'medium' else mention.from_kind end, mention.from_id
      from mention join reach on mention.role = reach.role and mention.to_id = reach.id
      where mention.from_kind in ('layer', 'tube', 'medium', 'batch', 'painting')
    )
    select layer.parent_id from reach join layer on reach.role = 'layer' and layer.id = reach.id
    union select id from reach where role = 'painting'`.execute(db)
  return rows.map(({ parent_id }) => parent_id)
}
