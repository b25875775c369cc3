import type { ZodType } from 'zod'
import { mediumSchema } from '../document/recipe.ts'
import { batchSchema } from '../document/batch.ts'
import type { Batch } from '../document/batch.ts'
import { shelfItemSchema } from '../document/shelf.ts'
import type { ShelfItem } from '../document/shelf.ts'
import type { MediumDocument } from '../document/recipe.ts'
import { layerSchema, paintingSchema, settingsSchema, touchTestSchema } from '../document/studio.ts'
import type { LayerDocument, PaintingDocument, Revised, Settings, TouchTest } from '../document/studio.ts'
import type { Database, Trx } from './database.ts'

/** What is stored, by table. */
export interface Bodies {
  setting: Settings & { id: string }
  shelf_item: ShelfItem
  batch: Batch
  medium: MediumDocument
  painting: PaintingDocument
  layer: LayerDocument
  touch_test: TouchTest
}
export type Kind = keyof Bodies

const schemas: { readonly [K in Kind]: ZodType<Omit<Bodies[K], 'id'>> } = {
  setting: settingsSchema,
  shelf_item: shelfItemSchema,
  batch: batchSchema,
  medium: mediumSchema,
  painting: paintingSchema,
  layer: layerSchema,
  touch_test: touchTestSchema,
}

/** The row a stored thing belongs to, where it belongs to one. */
const parentOf: { readonly [K in Kind]?: (body: Bodies[K]) => string } = {
  layer: (layer) => layer.paintingId,
  touch_test: (test) => test.layerId,
}

type Row = { id: string; revision: number; body: string }

function read<K extends Kind>(kind: K, row: Row): Revised<Bodies[K]> {
  const body = schemas[kind].parse(JSON.parse(row.body)) as Bodies[K]
  return Object.assign(body, { id: row.id, revision: row.revision })
}

// The tables share the columns id, revision and body; Kysely cannot see that through a union of names.
const from = (db: Database | Trx, kind: Kind) => db.selectFrom(kind as 'medium').select(['id', 'revision', 'body'])

export async function find<K extends Kind>(db: Database | Trx, kind: K, id: string): Promise<Revised<Bodies[K]> | null> {
  const row = await from(db, kind).where('id', '=', id).executeTakeFirst()
  return row ? read(kind, row) : null
}

export async function list<K extends Kind>(db: Database | Trx, kind: K): Promise<readonly Revised<Bodies[K]>[]> {
  return (await from(db, kind).orderBy('id').execute()).map((row) => read(kind, row))
}

export async function listOf<K extends 'layer' | 'touch_test'>(
  db: Database | Trx,
  kind: K,
  parentIds: readonly string[],
): Promise<readonly Revised<Bodies[K]>[]> {
  if (parentIds.length === 0) return []
  const rows = await db
    .selectFrom(kind as 'layer')
    .select(['id', 'revision', 'body'])
    .where('parent_id', 'in', [...parentIds])
    .orderBy('id')
    .execute()
  return rows.map((row) => read(kind, row))
}

/** Writes a body at the next revision. The caller has compared revisions; an absent row begins at 1. */
export async function put<K extends Kind>(trx: Trx, kind: K, body: Bodies[K], revision: number): Promise<void> {
  const parentId = parentOf[kind]?.(body)
  const values = { id: body.id, revision, body: JSON.stringify(body), ...(parentId !== undefined && { parent_id: parentId }) }
  await trx
    .insertInto(kind as 'medium')
    .values(values)
    .onConflict((conflict) => conflict.column('id').doUpdateSet({ revision, body: values.body }))
    .execute()
}

export async function remove(trx: Trx, kind: Kind, id: string): Promise<void> {
  await trx
    .deleteFrom(kind as 'medium')
    .where('id', '=', id)
    .execute()
}
