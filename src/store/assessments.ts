import { sql } from 'kysely'
import type { PaintingOrder } from '../document/picture/pictureDates.ts'
import type { PaintingDocument, Revised, WorkState } from '../document/studio.ts'
import { judgedByFormulas } from '../document/judging/summary.ts'
import type { Summary } from '../document/judging/summary.ts'
import type { Database, Trx } from './database.ts'
import { askToLearn } from './known.ts'
import { readRow } from './records.ts'
import type { Row } from './records.ts'
import { titleHolds } from './titles.ts'

/** What was last found of each painting, kept until something it rests on changes. */

export interface Assessed {
  readonly paintingId: string
  readonly wanted: number
  readonly day: number
  /** Null where it could not be judged: what was found before stays, and it is not tried again until it changes. */
  readonly found: Found | null
}

export interface Found {
  readonly quietDay: number | null
  readonly verdict: string
  readonly summary: string
  readonly solved: string
  /** What its checks say of drying; null: none were made. */
  readonly tried: string | null
}

/** Asks for these paintings to be judged again; one that was never judged is put on the list. */
export async function askFor(trx: Trx, paintingIds: readonly string[]): Promise<void> {
  if (paintingIds.length === 0) return
  await sql`insert into assessment (painting_id, wanted, judged, formulas, day)
    select painting.id, 1, 0, 0, 0 from painting
    where painting.id in (select value from json_each(${JSON.stringify([...new Set(paintingIds)])}))
    on conflict (painting_id) do update set wanted = wanted + 1`.execute(trx)
}

/** Asks for the paintings that still dry or are still painted. */
export async function askUnfinished(trx: Trx, today: number): Promise<void> {
  await trx
    .updateTable('assessment')
    .set(({ eb }) => ({ wanted: eb('wanted', '+', 1) }))
    .where((is) => is.or([is('quiet_day', 'is', null), is('quiet_day', '>', today)]))
    .execute()
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
const stale = (today: number) =>
  sql<boolean>`(assessment.judged != assessment.wanted or assessment.formulas != ${judgedByFormulas}
    or (assessment.quiet_day is null and assessment.day < ${Math.floor(today)}))`

/** Paintings that have to be judged, those in work first. */
export async function toJudge(db: Database, today: number, most: number): Promise<readonly string[]> {
  const rows = await db
    .selectFrom('assessment')
    .select('painting_id')
    .where(stale(today))
    .orderBy(sql`quiet_day is not null`)
    .orderBy('painting_id')
    .limit(most)
    .execute()
  return rows.map(({ painting_id }) => painting_id)
}

export async function countToJudge(db: Database, today: number): Promise<number> {
  const { count } = await db
    .selectFrom('assessment')
    .select(sql<number>`count(*)`.as('count'))
    .where(stale(today))
    .executeTakeFirstOrThrow()
  return count
}

/** Keeps what was found, unless the painting went in the meantime. */
export async function keepAssessments(db: Database, all: readonly Assessed[]): Promise<void> {
  await db.transaction().execute(async (trx) => {
    if (await anyTriedAnew(trx, all)) await askToLearn(trx)
    for (const { paintingId, wanted, day, found } of all)
      await trx
        .updateTable('assessment')
        .set({ judged: wanted, formulas: judgedByFormulas, day, ...(found && columnsOf(found)) })
        .where('painting_id', '=', paintingId)
        .execute()
  })
}

/** Whether what checks say changed with any of these. */
async function anyTriedAnew(trx: Trx, all: readonly Assessed[]): Promise<boolean> {
  const rows = await trx
    .selectFrom('assessment')
    .select(['painting_id', 'tried'])
    .where(
      'painting_id',
      'in',
      all.map(({ paintingId }) => paintingId),
    )
    .execute()
  const before = new Map(rows.map(({ painting_id, tried }) => [painting_id, tried]))
  return all.some(
    ({ paintingId, found }) => found && before.has(paintingId) && before.get(paintingId) !== found.tried,
  )
}

const columnsOf = ({ quietDay, ...found }: Found) => ({ ...found, quiet_day: quietDay })

/** The solve of one painting; null while it has to be judged again. */
export async function solvedOf(db: Database, paintingId: string, today: number): Promise<string | null> {
  const row = await db
    .selectFrom('assessment')
    .select('solved')
    .where('painting_id', '=', paintingId)
    .where(sql<boolean>`not ${stale(today)}`)
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
  readonly painting: Revised<PaintingDocument>
  /** Null until it was judged for the first time. */
  readonly summary: Summary | null
}

/** A summary of an earlier program's making has not the shape of today's: it is as if there were none. */
const summaryNow = sql<string | null>`case when assessment.formulas = ${judgedByFormulas} then summary end`

const summarised = (db: Database) =>
  db
    .selectFrom('painting')
    .leftJoin('assessment', 'painting.id', 'assessment.painting_id')
    .select([
      'painting.id',
      'painting.revision',
      'painting.version',
      'painting.body',
      summaryNow.as('summary'),
    ])

/** Nothing of a painting that cannot be read. */
function unfolded({ summary, ...row }: Row & { readonly summary: string | null }): readonly Summarised[] {
  const painting = readRow('painting', row)
  return painting ? [{ painting, summary: summary === null ? null : (JSON.parse(summary) as Summary) }] : []
}

/** Of the judged paintings those that ask for something on a day, by title. */
const open = (db: Database, today: number) =>
  summarised(db)
    .where(summaryNow, 'is not', null)
    .where((is) => is.or([is('quiet_day', 'is', null), is('quiet_day', '>', today)]))
    .orderBy(sql`painting.title collate nocase`)

/** The judged paintings that ask for something on a day, in one query. */
export async function openSummaries(
  db: Database,
  today: number,
): Promise<readonly (Summarised & { readonly summary: Summary })[]> {
  const rows = await open(db, today).execute()
  return rows
    .flatMap(unfolded)
    .filter((one): one is Summarised & { summary: Summary } => one.summary !== null)
}

/** The titles of the same paintings, by id. */
export async function openTitles(db: Database, today: number): Promise<ReadonlyMap<string, string>> {
  const rows = await open(db, today).clearSelect().select(['painting.id', 'painting.title']).execute()
  return new Map(rows.map(({ id, title }) => [id, title]))
}

/** What of the paintings is asked for, and in which order. */
export interface PaintingsAsked {
  /** Part of the title, of whom it is for, or of where it stands; empty: all. */
  readonly text: string
  /** Null: whatever their state. */
  readonly state: WorkState | null
  readonly order: PaintingOrder
  /** "2026-11-24": dates before it are past. */
  readonly today: string
}

/** A field of a body; nothing of one that is not whole. */
const field = (path: string) =>
  sql`case when json_valid(painting.body) then json_extract(painting.body, ${path}) end`

const asked = ({ text, state }: Pick<PaintingsAsked, 'text' | 'state'>) => {
  const holds = text === '' ? titleHolds('painting', '') : somewhereHolds(text)
  // Older bodies do not tell their state: they are in work.
  return state === null
    ? holds
    : sql<boolean>`${holds} and coalesce(${field('$.state')}, 'in-work') = ${state}`
}

const somewhereHolds = (text: string) =>
  sql<boolean>`${titleHolds('painting', '')} and instr(folded(painting.title || ' ' ||
    coalesce(${field('$.client')}, '') || ' ' || coalesce(${field('$.place')}, '')), folded(${text})) > 0`

/** The next day each must meet. */
const nextMeeting = (today: string) => sql`case when json_valid(painting.body) then
  (select min(json_extract(value, '$.on')) from json_each(painting.body, '$.dates')
   where json_extract(value, '$.on') >= ${today}) end`

const orders: Readonly<Record<PaintingOrder, (today: string) => ReturnType<typeof sql>>> = {
  title: () => sql`painting.title collate nocase`,
  date: (today) => sql`coalesce(${nextMeeting(today)}, '9999')`,
  verdict: () =>
    sql`case assessment.verdict when 'unsound' then 0 when 'watch' then 1 when 'sound' then 2 else 3 end`,
}

/** A page of the paintings that are asked for. */
export async function summariesOf(
  db: Database,
  { from, most, ...wanted }: PaintingsAsked & { readonly from: number; readonly most: number },
): Promise<readonly Summarised[]> {
  const rows = await summarised(db)
    .where(asked(wanted))
    .orderBy(orders[wanted.order](wanted.today))
    .orderBy(sql`painting.title collate nocase`)
    .orderBy('painting.id')
    .offset(from)
    .limit(most)
    .execute()
  return rows.flatMap(unfolded)
}

/** How many of those that are asked for were judged how; null: not yet. */
export const countByVerdict = (
  db: Database,
  wanted: Pick<PaintingsAsked, 'text' | 'state'>,
): Promise<readonly { readonly verdict: string | null; readonly count: number }[]> =>
  db
    .selectFrom('painting')
    .leftJoin('assessment', 'painting.id', 'assessment.painting_id')
    .select(['assessment.verdict', sql<number>`count(*)`.as('count')])
    .where(asked(wanted))
    .groupBy('assessment.verdict')
    .execute()
