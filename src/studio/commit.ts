import { kinds } from '../document/kinds.ts'
import type { Bodies, Kind } from '../document/kinds.ts'
import type { Revised } from '../document/studio.ts'
import type { Database, Trx } from '../store/database.ts'
import { bare, change, eventOf, eventOnce, markUndone, thingsOf } from '../store/history.ts'
import type { Wish } from '../store/history.ts'
import { deferReferences, find } from '../store/records.ts'
import { askToJudge } from './asking.ts'
import { holdTogether } from './integrity.ts'
import { gone } from './refused.ts'

/** A write on its way: where, at which minute, and under which key it is carried out once however often it is sent. */
export interface Write {
  readonly db: Database
  readonly at: string
  readonly once?: string | null
}

/** When something was done that was tapped earlier than it is written: the tap, unless that is yet to come. */
export const doneAt = ({ at }: Write, tapped: string | undefined): string =>
  tapped !== undefined && tapped < at ? tapped : at

/** What is to be done, as the history will tell it. */
export interface Plan {
  readonly what: string
  readonly paintingId?: string | null
  readonly wishes: readonly Wish[]
  /** The event that it takes back. */
  readonly undoes?: number
  /** What else is done once it is written, in the same transaction. */
  readonly afterwards?: (trx: Trx) => Promise<void>
}

/** A thing as a write left it; no body: it is gone. */
export interface Thing {
  readonly kind: Kind
  readonly id: string
  readonly revision: number
  readonly body: Bodies[Kind] | null
}

/** What a write answers: the event that undoes it, and what has become of the things it touched. */
export interface Written {
  readonly event: number
  readonly what: string
  readonly revisions: Readonly<Record<string, number>>
  /** Ids of what it made. */
  readonly made: readonly string[]
  /** The things as they stand now; none when there are too many to send. */
  readonly things: readonly Thing[]
}

/** With more things than this a page is better loaded anew. */
export const mostThings = 60

/**
 * Plans and carries out one write in one transaction: what the plan looks at is what it changes. Every write ends with
 * the same check that the studio still holds together, an undo included.
 */
export const commit = (
  { db, at, once = null }: Write,
  planned: (trx: Trx) => Promise<Plan>,
): Promise<Written> =>
  db.transaction().execute(async (trx) => {
    await deferReferences(trx)
    const done = once === null ? null : await eventOnce(trx, once)
    if (done !== null) return writtenBy(trx, done)
    const { what, paintingId = null, wishes, undoes, afterwards } = await planned(trx)
    const { event, touched } = await change(trx, { at, paintingId, what, once }, wishes)
    await holdTogether(trx, at, touched)
    await askToJudge(trx, at, touched)
    if (undoes !== undefined) await markUndone(trx, undoes, event)
    await afterwards?.(trx)
    return writtenBy(trx, event)
  })

async function writtenBy(trx: Trx, event: number): Promise<Written> {
  const things = await thingsOf(trx, event)
  return {
    event,
    what: (await eventOf(trx, event))!.what,
    revisions: Object.fromEntries(things.map(({ id, revision }) => [id, revision])),
    made: things.flatMap(({ id, made }) => (made ? [id] : [])),
    things: things.length > mostThings ? [] : await asTheyStand(trx, things),
  }
}

/** Things that were touched, as they stand now. */
export const asTheyStand = (
  db: Database | Trx,
  touched: readonly Pick<Thing, 'kind' | 'id' | 'revision'>[],
): Promise<readonly Thing[]> =>
  Promise.all(
    touched.map(async ({ kind, id, revision }) => {
      const found = await find(db, kind, id)
      return found
        ? { kind, id, revision: found.revision, body: bare(found) as Bodies[Kind] }
        : { kind, id, revision, body: null }
    }),
  )

/** A stored thing, or the refusal that it is gone. */
export async function findOrRefuse<K extends Kind>(
  trx: Trx,
  kind: K,
  id: string,
): Promise<Revised<Bodies[K]>> {
  const found = await find(trx, kind, id)
  if (!found) throw gone(kinds[kind].word)
  return found
}

/** The answer of a write that makes one thing, with that thing's id. */
export const withId = async (written: Promise<Written>): Promise<Written & { readonly id: string }> => {
  const answer = await written
  return { ...answer, id: answer.made[0]! }
}
