import { dateOf, dayOf } from '../core/plan/calendar.ts'
import { monthsAfterDate } from '../core/plan/months.ts'
import { nextLookOf } from '../document/nextLook.ts'
import type { Reminder } from '../document/reminder.ts'
import type { Revised } from '../document/studio.ts'
import { summariesOf } from '../store/assessments.ts'
import type { Database } from '../store/database.ts'
import { list } from '../store/records.ts'
import { batchNotices } from './batchList.ts'

/** What is to be done on a day besides painting: own reminders, tests to look at, batches to use, varnish visits. */
export interface AheadItem {
  /** The same for the same thing, whatever day it is moved to. */
  readonly uid: string
  readonly on: string
  readonly says: string
  readonly address: string | null
  /** The painter's own reminder, which can be ticked off; null: it goes by itself once the thing is done. */
  readonly reminder: Revised<Reminder> | null
}

/** Months after a picture was handed over that its varnish is looked to. */
const visitMonths = 6
const mostPaintings = 2000

/** Everything ahead and overdue, soonest first. */
export async function aheadOf(db: Database, now: string): Promise<readonly AheadItem[]> {
  const items = [
    ...(await reminders(db)),
    ...(await testsDue(db)),
    ...(await batchesToUse(db, now)),
    ...(await varnishVisits(db, now)),
  ]
  return items.sort((a, b) => a.on.localeCompare(b.on) || a.says.localeCompare(b.says))
}

/** Those that fall due within so many days, and all that are overdue. */
export const withinDays = (items: readonly AheadItem[], now: string, days: number): readonly AheadItem[] => {
  const until = dateOf(dayOf(now)! + days)
  return items.filter(({ on }) => on <= until)
}

async function reminders(db: Database): Promise<readonly AheadItem[]> {
  return (await list(db, 'reminder'))
    .filter(({ doneAt }) => doneAt === null)
    .map((reminder) => ({
      uid: `reminder-${reminder.id}`,
      on: reminder.on,
      says: reminder.text,
      address: reminder.paintingId && `/paintings/${reminder.paintingId}/record`,
      reminder,
    }))
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
        reminder: null,
      },
    ]
  })
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
            says: `${title}: use it by today`,
            address: `/batches/${id}`,
            reminder: null,
          },
        ],
  )
}

async function varnishVisits(db: Database, now: string): Promise<readonly AheadItem[]> {
  const today = now.slice(0, 10)
  const all = await summariesOf(db, {
    ...{ text: '', state: null, order: 'title', today },
    ...{ from: 0, most: mostPaintings },
  })
  return all.flatMap(({ painting: { id, title, dates } }) =>
    dates
      .filter(({ what }) => what === 'handed-over')
      .flatMap(({ on }) => {
        const visit = monthsAfterDate(on, visitMonths)
        return visit === null || visit < today
          ? []
          : [
              {
                uid: `visit-${id}`,
                on: visit,
                says: `${title}: varnish visit, six months after it was handed over`,
                address: `/paintings/${id}/record`,
                reminder: null,
              },
            ]
      }),
  )
}
