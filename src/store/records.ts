import { sql } from 'kysely'
import { kinds, readStored } from '../document/kinds.ts'
import type { Bodies, Kind, StoredKind } from '../document/kinds.ts'
import type { Revised } from '../document/studio.ts'
import { setAside } from './aside.ts'
import type { Database, Trx } from './database.ts'
import { nameAnew, titleFor } from './derived.ts'

/** Reading and writing stored things. Nothing is written that could not be read again. */

type Reader = Database | Trx

/** A row as stored, whatever is in it. */
export interface Row {
  readonly id: string
  readonly revision: number
  readonly version: number
  readonly body: string
}

/** A body that its own schema refuses; `issues` say where and what to change. */
export class Unfit extends Error {
  constructor(
    readonly kind: Kind,
    readonly issues: readonly { readonly path: readonly PropertyKey[]; readonly message: string }[],
  ) {
    super(issues[0]?.message ?? `This ${kinds[kind].word} cannot be stored.`)
  }
}

/** What is read of a row. */
export const columns = ['id', 'revision', 'version', 'body'] as const

// The tables share these columns; Kysely cannot see that through a union of names.
const from = (db: Reader, kind: Kind) => db.selectFrom(kind as 'medium').select(columns)

/** A row as its schema reads it; null, and set aside, when it cannot be read. */
export function readRow<K extends Kind>(kind: K, row: Row): Revised<Bodies[K]> | null {
  const found = readStored(kind, row.body, row.version)
  if (!found.ok) {
    setAside(kind, row.id, found.why)
    return null
  }
  return Object.assign(found.body, { id: row.id, revision: row.revision })
}

/** Those of the rows that can be read. */
export const readAll = <K extends Kind>(kind: K, rows: readonly Row[]): readonly Revised<Bodies[K]>[] =>
  rows.flatMap((row) => readRow(kind, row) ?? [])

export async function find<K extends Kind>(
  db: Reader,
  kind: K,
  id: string,
): Promise<Revised<Bodies[K]> | null> {
  const row = await findRow(db, kind, id)
  return row && readRow(kind, row)
}

/** A row unread: for history, which keeps what stood there whether or not it can still be read. */
export const findRow = async (db: Reader, kind: Kind, id: string): Promise<Row | null> =>
  (await from(db, kind).where('id', '=', id).executeTakeFirst()) ?? null

export async function exists(db: Reader, kind: Kind, id: string): Promise<boolean> {
  const row = await db
    .selectFrom(kind as 'medium')
    .select('id')
    .where('id', '=', id)
    .executeTakeFirst()
  return row !== undefined
}

export async function list<K extends Kind>(db: Reader, kind: K): Promise<readonly Revised<Bodies[K]>[]> {
  return readAll(kind, await from(db, kind).orderBy('id').execute())
}

/** How many things of a kind are stored, read or not. */
export const countOf = async (db: Reader, kind: Kind): Promise<number> => {
  const { count } = await db
    .selectFrom(kind as 'medium')
    .select(({ fn }) => fn.countAll<number>().as('count'))
    .executeTakeFirstOrThrow()
  return count
}

const rowsAtATime = 500

/** Every row of a kind by id, a few hundred in memory at a time. */
export async function* rowsOf(db: Reader, kind: Kind): AsyncGenerator<Row> {
  let last = ''
  for (;;) {
    const rows = await from(db, kind).where('id', '>', last).orderBy('id').limit(rowsAtATime).execute()
    yield* rows
    if (rows.length < rowsAtATime) return
    last = rows.at(-1)!.id
  }
}

/** Those whose stored text holds these letters, in one query: of thousands only a few are read. */
export async function listHolding<K extends Kind>(
  db: Reader,
  kind: K,
  letters: string,
): Promise<readonly Revised<Bodies[K]>[]> {
  const holds = sql<boolean>`instr(body, ${letters}) > 0`
  return readAll(kind, await from(db, kind).where(holds).orderBy('id').execute())
}

/** Those of these ids that are there, in one query. */
export async function listByIds<K extends Kind>(
  db: Reader,
  kind: K,
  ids: readonly string[],
): Promise<readonly Revised<Bodies[K]>[]> {
  if (ids.length === 0) return []
  return readAll(
    kind,
    await from(db, kind)
      .where('id', 'in', [...ids])
      .orderBy('id')
      .execute(),
  )
}

/** Layers of these paintings, touch tests of these layers, or readings of these places, in one query. */
export async function listOf<K extends 'layer' | 'touch_test' | 'reading'>(
  db: Reader,
  kind: K,
  parentIds: readonly string[],
): Promise<readonly Revised<Bodies[K]>[]> {
  if (parentIds.length === 0) return []
  const rows = await db
    .selectFrom(kind as 'layer')
    .select(columns)
    .where('parent_id', 'in', [...parentIds])
    .orderBy('id')
    .execute()
  return readAll(kind, rows)
}

/** Checks a body by the schema it will be read with, and answers it as it will be read. Throws Unfit. */
export function fitting<K extends Kind>(kind: K, body: Bodies[K]): Bodies[K] {
  const parsed = (kinds[kind] as StoredKind<K>).schema.safeParse(body)
  if (!parsed.success) throw new Unfit(kind, parsed.error.issues)
  return parsed.data
}

/** Writes a body at a revision, as its schema reads it. The caller has compared revisions. Throws Unfit. */
export async function put<K extends Kind>(
  trx: Trx,
  kind: K,
  body: Bodies[K],
  revision: number,
): Promise<Bodies[K]> {
  const { version, parentOf } = kinds[kind] as StoredKind<K>
  const fit = fitting(kind, body)
  const values = { revision, version, title: titleFor(kind, fit), body: JSON.stringify(fit) }
  await trx
    .insertInto(kind as 'layer')
    .values({ id: fit.id, ...values, ...(parentOf && { parent_id: parentOf(fit) }) } as never)
    .onConflict((conflict) => conflict.column('id').doUpdateSet(values))
    .execute()
  await nameAnew(trx, kind, fit.id, fit)
  return fit
}

export async function remove(trx: Trx, kind: Kind, id: string): Promise<void> {
  await nameAnew(trx, kind, id, null)
  await trx
    .deleteFrom(kind as 'medium')
    .where('id', '=', id)
    .execute()
}

/** Whether the studio holds any painting or medium. */
export const anything = async (db: Reader): Promise<boolean> => {
  const counts = await Promise.all(
    (['painting', 'medium'] as const).map((kind) =>
      db.selectFrom(kind).select('id').limit(1).executeTakeFirst(),
    ),
  )
  return counts.some((row) => row !== undefined)
}

/** The number of a batch, read by the database itself; none where the body is not whole. */
export const batchNumber = sql<number | null>`case when json_valid(body)
  then cast(body ->> 'number' as integer) end`

/** The highest number a batch bears; 0 without any. */
export const lastBatchNumber = async (db: Reader): Promise<number> => {
  const { last } = await db
    .selectFrom('batch')
    .select(({ fn }) => fn.max(batchNumber).as('last'))
    .executeTakeFirstOrThrow()
  return last ?? 0
}

/** Lets the order of writes within a transaction be any; that every reference is met is checked at its end. */
export const deferReferences = async (trx: Trx): Promise<void> => {
  await sql`pragma defer_foreign_keys = on`.execute(trx)
}
