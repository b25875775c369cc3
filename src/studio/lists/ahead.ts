import { fullFrom } from '../../core/evening/jar.ts'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import { percent } from '../../core/words.ts'
import { monthsAfterDate } from '../../core/plan/months.ts'
import { owedWayNames } from '../../document/finish/owedWords.ts'
import { nextLookOf } from '../../document/finish/nextLook.ts'
import type { Reminder } from '../../document/reminder.ts'
import type { Revised } from '../../document/studio.ts'
import type { Database } from '../../store/database.ts'
import { list, listByIds, listHolding } from '../../store/records.ts'
import { batchNotices } from './batchList.ts'
import { owedVarnishes } from '../owed.ts'
import type { OwedVarnish } from '../owed.ts'
import { settingsOf } from '../settings.ts'

/** What is to be done on a day besides painting: own reminders, tests to look at, batches to use, varnish visits. */
export interface AheadItem {
  /** The same for the same thing, whatever day it is moved to. */
  readonly uid: string
  readonly on: string
  readonly says: string
  readonly address: string | null
  /** The picture it is about, if it is about one. */
  readonly paintingId: string | null
  /** The reminder that is ticked off or moved; null: it goes by itself once the thing is done. */
  readonly reminder: AheadReminder | null
}

/** A reminder of the painter's own; without a revision one that is only proposed, and kept once it is touched. */
export type AheadReminder = Reminder & { readonly revision: number | null }

/** Months after a picture was handed over that its varnish is looked to. */
const visitMonths = 6

/** Everything ahead and overdue, soonest first. */
export async function aheadOf(db: Database, now: string): Promise<readonly AheadItem[]> {
  const agreed = await owedVarnishes(db)
  const agreedVisits = new Set(agreed.map(({ paintingId }) => visitId(paintingId)))
  // What was agreed on says when: a visit that was only proposed speaks no more.
  const kept = (await list(db, 'reminder')).filter(({ id }) => !agreedVisits.has(id))
  const spokenFor = new Set([...kept.map(({ id }) => id), ...agreedVisits])
  const items = [
    ...(await reminders(db, kept)),
    ...(await testsDue(db)),
    ...(await batchesToUse(db, now)),
    ...(await varnishVisits(db, now, spokenFor)),
    ...(await wasteTrips(db, now)),
    ...agreed.filter(({ owed }) => owed.doneOn === null).map(owedItem),
  ]
  return items.sort((a, b) => a.on.localeCompare(b.on) || a.says.localeCompare(b.says))
}

/** Those that fall due within so many days, and all that are overdue. */
export const withinDays = (items: readonly AheadItem[], now: string, days: number): readonly AheadItem[] => {
  const until = dateOf(dayOf(now)! + days)
  return items.filter(({ on }) => on <= until)
}

async function reminders(db: Database, all: readonly Revised<Reminder>[]): Promise<readonly AheadItem[]> {
  const open = all.filter(({ doneAt }) => doneAt === null)
  const named = await listByIds(
    db,
    'painting',
    open.flatMap(({ paintingId }) => paintingId ?? []),
  )
  const titles = new Map(named.map(({ id, title }) => [id, title]))
  return open.map((reminder) => {
    const title = reminder.paintingId && titles.get(reminder.paintingId)
    return {
      uid: `reminder-${reminder.id}`,
      on: reminder.on,
      says: title ? `${title}: ${reminder.text}` : reminder.text,
      address: title ? `/paintings/${reminder.paintingId}/record` : null,
      paintingId: reminder.paintingId,
      reminder,
    }
  })
}

/** The next look at each trial. */
async function testsDue(db: Database): Promise<readonly AheadItem[]> {
  const swatches = await list(db, 'swatch')
  return (await list(db, 'trial')).flatMap((trial) => {
    const next = nextLookOf(trial, swatches)
    if (next === null) return []
    return [
      {
        uid: `trial-${trial.id}`,
        on: dateOf(next),
        says: `Look at the trial “${trial.question}”`,
        address: `/tests?at=${trial.swatchId}`,
        paintingId: null,
        reminder: null,
      },
    ]
  })
}

/** A container that is nearly full goes to the collection point: on its day, or to be planned today. */
async function wasteTrips(db: Database, now: string): Promise<readonly AheadItem[]> {
  const { containers } = await settingsOf(db)
  return containers
    .filter(({ level, tripOn }) => level >= fullFrom || tripOn !== null)
    .map(({ id, name, level, tripOn }) => ({
      uid: `waste-${id}`,
      on: tripOn ?? now.slice(0, 10),
      says: `${name}, ${percent(level)} full: to the collection point`,
      address: '/room/evening',
      paintingId: null,
      reminder: null,
    }))
}

async function batchesToUse(db: Database, now: string): Promise<readonly AheadItem[]> {
  const { entries } = await batchNotices(db, now)
  return entries.flatMap(({ id, title, useBy }) =>
    useBy === null
      ? []
      : [
          {
            uid: `batch-${id}`,
            on: useBy,
            says: `${title}: the last day to use it`,
            address: `/batches/${id}`,
            paintingId: null,
            reminder: null,
          },
        ],
  )
}

/** A visit nobody made or ticked off is spoken of for so long. */
const overdueDays = 365

/** Proposed of each picture that is handed over, until the painter moves one or ticks it off. */
async function varnishVisits(
  db: Database,
  now: string,
  kept: ReadonlySet<string>,
): Promise<readonly AheadItem[]> {
  const since = dateOf(dayOf(now)! - overdueDays)
  const handed = await listHolding(db, 'painting', '"handed-over"')
  return handed.flatMap(({ id, title, dates }) => {
    const given = dates.findLast(({ what }) => what === 'handed-over')
    const on = given ? monthsAfterDate(given.on, visitMonths) : null
    if (on === null) return []
    const reminder = visitTo(id, on)
    if (on < since || kept.has(reminder.id)) return []
    return [
      {
        uid: `reminder-${reminder.id}`,
        on,
        says: `${title}: ${reminder.text}`,
        address: `/paintings/${id}/record`,
        paintingId: id,
        reminder,
      },
    ]
  })
}

const longestId = 64
const visitId = (paintingId: string): string => `visit-${paintingId}`.slice(0, longestId)

/** A varnish that was agreed on: it goes by itself once it is done. */
const owedItem = ({ paintingId, title, owed, ml }: OwedVarnish): AheadItem => ({
  uid: `reminder-${visitId(paintingId)}`,
  on: owed.due,
  says: `${title}: its varnish, ${owedWayNames[owed.way]}${ml === null ? '' : ` (${Math.ceil(ml)} ml)`}`,
  address: `/paintings/${paintingId}/finish`,
  paintingId,
  reminder: null,
})

const visitTo = (paintingId: string, on: string): AheadReminder => ({
  id: visitId(paintingId),
  on,
  what: 'varnish-visit',
  text: 'varnish visit, six months after it was handed over',
  paintingId,
  doneAt: null,
  note: '',
  revision: null,
})
