import { dayOf } from '../../core/plan/calendar.ts'
import { openSummaries } from '../../store/assessments.ts'
import type { Database } from '../../store/database.ts'
import { eveningOf, notPutAway } from '../evening.ts'
import type { Evening } from '../evening.ts'

/** What the page of the evening shows. */
export interface EveningPage {
  readonly today: Evening
  /** Days before that were never put away. */
  readonly before: readonly Evening[]
}

export const eveningPage = async (db: Database, now: string): Promise<EveningPage> => ({
  today: await eveningOf(db, now.slice(0, 10)),
  before: await notPutAway(db, now, await openSummaries(db, dayOf(now)!)),
})
