import type { Kysely, Migration } from 'kysely'

export const stored = (schema: Kysely<unknown>, table: string) =>
  schema.schema
    .createTable(table)
    .addColumn('id', 'text', (column) => column.primaryKey().notNull())
    .addColumn('revision', 'integer', (column) => column.notNull())
    .addColumn('body', 'text', (column) => column.notNull())

/** One table an aggregate: the document as JSON, its revision, and the key of what it belongs to. */
export const first: Migration = {
  up: async (db: Kysely<unknown>) => {
    await stored(db, 'setting').execute()
    await stored(db, 'medium').execute()
    await stored(db, 'painting').execute()
    await stored(db, 'layer')
      .addColumn('parent_id', 'text', (column) => column.notNull().references('painting.id'))
      .execute()
    await stored(db, 'touch_test')
      .addColumn('parent_id', 'text', (column) => column.notNull().references('layer.id'))
      .execute()
    await db.schema.createIndex('layer_of_painting').on('layer').column('parent_id').execute()
    await db.schema.createIndex('test_of_layer').on('touch_test').column('parent_id').execute()
    await db.schema
      .createTable('event')
      .addColumn('id', 'integer', (column) => column.primaryKey().autoIncrement())
      .addColumn('at', 'text', (column) => column.notNull())
      .addColumn('painting_id', 'text')
      .addColumn('what', 'text', (column) => column.notNull())
      .addColumn('changes', 'text', (column) => column.notNull())
      .addColumn('undone_by', 'integer', (column) => column.references('event.id'))
      .execute()
    await db.schema.createIndex('event_of_painting').on('event').column('painting_id').execute()
  },
}
