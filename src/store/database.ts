import type SQLite from 'better-sqlite3'
import { Kysely, SqliteDialect } from 'kysely'
import type { DatabaseConnection, Driver, Generated, Transaction } from 'kysely'

interface StoredRow {
  id: string
  revision: number
  /** Of the schema the body was written by (document/kinds.ts). */
  version: number
  title: string
  body: string
}

export interface EventRow {
  id: Generated<number>
  at: string
  painting_id: string | null
  what: string
  undone_by: number | null
  /** The key under which the writer asked for it once; asked again, it is answered and not repeated. */
  once: string | null
}

/** One thing an event touched: what it was before. What it became is the next one's before, or the row. */
export interface EventThingRow {
  event_id: number
  kind: string
  thing_id: string
  /** The thing's revision after the event. */
  revision: number
  removed: number
  /** Null where it was not there. */
  before: string | null
  before_version: number
}

/** Who names whom (document/mentions.ts). */
export interface MentionRow {
  from_kind: string
  from_id: string
  role: string
  to_id: string
  holds: number
}

/** What was last found of a painting. It is stale while `judged` is not `wanted`, or the program judges anew. */
export interface AssessmentRow {
  painting_id: string
  /** Counts the writes that reach the painting. */
  wanted: number
  /** What `wanted` was when it was judged; 0: never. */
  judged: number
  /** Version of the judging (document/judging/summary.ts) it was judged by. */
  formulas: number
  /** Day of the calendar it was judged on. */
  day: number
  /** The day after which a finished painting asks for nothing; null while a layer is unpainted. */
  quiet_day: number | null
  verdict: string | null
  summary: string | null
  solved: string | null
  /** What its checks say of how its films dry, for learning; null: none were made. */
  tried: string | null
}

/** Something reckoned from all that is stored, kept until it is reckoned anew. */
export interface KnownRow {
  name: string
  body: string
}

/** What the calendar feed last told of one entry: it is told again only with a higher sequence number. */
export interface FeedEntryRow {
  uid: string
  sequence: number
  stamp: string
  said: string
}

export interface Tables {
  setting: StoredRow
  shelf_item: StoredRow
  tube: StoredRow
  batch: StoredRow
  medium: StoredRow
  practice: StoredRow
  painting: StoredRow
  layer: StoredRow & { parent_id: string }
  touch_test: StoredRow & { parent_id: string }
  swatch: StoredRow
  trial: StoredRow
  reading: StoredRow & { parent_id: string }
  reminder: StoredRow
  closing: StoredRow
  exercise: StoredRow
  known: KnownRow
  feed_entry: FeedEntryRow
  event: EventRow
  event_thing: EventThingRow
  mention: MentionRow
  assessment: AssessmentRow
  kysely_migration: { name: string; timestamp: string }
}

export type Database = Kysely<Tables>
export type Trx = Transaction<Tables>

/** Called with every statement sent; tests and the bench count them. */
export type OnQuery = (sql: string) => void

/**
 * SQLite takes a transaction back by itself when the disk is full or fails; taking it back once more is then an error
 * that would hide the first, and the first is the one to tell.
 */
class CarefulDialect extends SqliteDialect {
  override createDriver(): Driver {
    const driver = super.createDriver()
    const rollback = driver.rollbackTransaction.bind(driver)
    driver.rollbackTransaction = (connection: DatabaseConnection) =>
      rollback(connection).catch((error: unknown) => {
        if (!/no transaction is active/.test(String(error))) throw error
      })
    return driver
  }
}

/** A query builder over an open file. In its queries `folded` is a text without capitals, in any script. */
export function databaseOver(sqlite: SQLite.Database, onQuery?: OnQuery): Database {
  sqlite.function('folded', { deterministic: true }, (text) => String(text).toLowerCase())
  return new Kysely<Tables>({
    dialect: new CarefulDialect({ database: sqlite }),
    ...(onQuery && { log: (event) => onQuery(event.query.sql) }),
  })
}
