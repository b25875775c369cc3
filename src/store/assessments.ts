import { sql } from 'kysely'
import type { Summary } from '../document/summary.ts'
import type { Database, Trx } from './database.ts'

/** What was last found of each painting, kept until something it rests on changes. */

export interface Assessed {
  readonly paintingId: string
  readonly wanted: number
  readonly quietDay: number | null
  readonly day: number
  readonly verdict: string
  readonly summary: string
  readonly solved: string
}

/** Asks for these paintings to be judged again; one that was never judged is put on the list. */
export async function askFor(trx: Trx, paintingIds: readonly string[]): Promise<void> {
  if (paintingIds.length === 0) return
  await sql`insert into assessment (painting_id, wanted, judged, formulas, day)
    select painting.id, 1, 0, 0, 0 from painting
    where painting.id in (select value from json_each(${JSON.stringify([...new Set(paintingIds)])}))
    on conflict (painting_id) do update set wanted = wanted + 1`.execute(trx)
}

export async function askAll(trx: Trx): Promise<void> {
  await trx
    .updateTable('assessment')
    .set(({ eb }) => ({ wanted: eb('wanted', '+', 1) }))
    .execute()
}

/** The paintings these layers belong to. */
export async function parentsOf(trx: Trx, layerIds: readonly string[]): Promise<readonly string[]> {
  if (layerIds.length === 0) return []
  const rows = await trx
    .selectFrom('layer')
    .select('parent_id')
    .where('id', 'in', [...layerIds])
    .execute()
  return rows.map(({ parent_id }) => parent_id)
}

/** Stale: asked for since, judged by older formulas, or unfinished and judged on another day. */
const stale = (formulas: number, today: number) =>
  sql<boolean>`(assessment.judged != assessment.wanted or assessment.formulas != ${formulas}
    or (assessment.quiet_day is null and assessment.day < ${Math.floor(today)}))`

/** Paintings that have to be judged, those in work first. */
export async function toJudge(
  db: Database,
  formulas: number,
  today: number,
  most: number,
): Promise<readonly string[]> {
  const rows = await db
    .selectFrom('assessment')
    .select('painting_id')
    .where(stale(formulas, today))
    .orderBy(sql`quiet_day is not null`)
    .orderBy('painting_id')
    .limit(most)
    .execute()
  return rows.map(({ painting_id }) => painting_id)
}

export async function countToJudge(db: Database, formulas: number, today: number): Promise<number> {
  const { count } = await db
    .selectFrom('assessment')
    .select(sql<number>`count(*)`.as('count'))
    .where(stale(formulas, today))
    .executeTakeFirstOrThrow()
  return count
}

/** Keeps what was found, unless the painting went in the meantime. */
export async function keepAssessments(
  db: Database,
  formulas: number,
  all: readonly Assessed[],
): Promise<void> {
  await db.transaction().execute(async (trx) => {
    for (const { paintingId, wanted, day, quietDay, verdict, summary, solved } of all)
      await trx
        .updateTable('assessment')
        .set({ judged: wanted, formulas, day, quiet_day: quietDay, verdict, summary, solved })
        .where('painting_id', '=', paintingId)
        .execute()
  })
}

/** The solve of one painting; null while it has to be judged again. */
export async function solvedOf(
  db: Database,
  paintingId: string,
  formulas: number,
  today: number,
): Promise<string | null> {
  const row = await db
    .selectFrom('assessment')
    .select('solved')
    .where('painting_id', '=', paintingId)
    .where(sql<boolean>`not ${stale(formulas, today)}`)
    .executeTakeFirst()
  return row?.solved ?? null
}

export const wantedOf = async (
  db: Database,
  paintingIds: readonly string[],
): Promise<ReadonlyMap<string, number>> => {
  const rows = await db
    .selectFrom('assessment')
    .select(['painting_id', 'wanted'])
    .where('painting_id', 'in', [...paintingIds])
    .execute()
  return new Map(rows.map(({ painting_id, wanted }) => [painting_id, wanted]))
}

/** A painting with what was last found of it. */
export interface Summarised {
  readonly id: string
  readonly title: string
  readonly support: string
  readonly practice: string
  readonly deadline: string | null
  readonly widthCm: number | null
  readonly heightCm: number | null
  /** Null until it was judged for the first time. */
  readonly summary: Summary | null
}

const summarised = (db: Database) =>
  db
    .selectFrom('painting')
    .leftJoin('assessment', 'painting.id', 'assessment.painting_id')
    .select([
      'painting.id',
      'painting.title',
      'summary',
      sql<string>`painting.body ->> 'support'`.as('support'),
      sql<string>`painting.body ->> 'practice'`.as('practice'),
      sql<string | null>`painting.body ->> 'deadline'`.as('deadline'),
      sql<number | null>`painting.body ->> 'widthCm'`.as('widthCm'),
      sql<number | null>`painting.body ->> 'heightCm'`.as('heightCm'),
    ])

type SummarisedRow = Omit<Summarised, 'summary'> & { readonly summary: string | null }

const unfolded = (row: SummarisedRow): Summarised => ({
  ...row,
  summary: row.summary === null ? null : (JSON.parse(row.summary) as Summary),
})

/** The judged paintings that ask for something on a day, in one query. */
export async function openSummaries(
  db: Database,
  today: number,
): Promise<readonly (Summarised & { readonly summary: Summary })[]> {
  const rows = await summarised(db)
    .where('summary', 'is not', null)
    .where((is) => is.or([is('quiet_day', 'is', null), is('quiet_day', '>', today)]))
    .orderBy(sql`painting.title collate nocase`)
    .execute()
  return rows.map(unfolded).filter((one): one is Summarised & { summary: Summary } => one.summary !== null)
}

/** A page of the paintings whose title holds some text, in the order of their titles. */
export async function summariesByTitle(
  db: Database,
  { text, from, most }: { readonly text: string; readonly from: number; readonly most: number },
): Promise<readonly Summarised[]> {
  const rows = await summarised(db)
    .$if(text !== '', (query) => query.where(sql<boolean>`instr(lower(painting.title), lower(${text})) > 0`))
    .orderBy(sql`painting.title collate nocase`)
    .orderBy('painting.id')
    .offset(from)
    .limit(most)
    .execute()
  return rows.map(unfolded)
}
