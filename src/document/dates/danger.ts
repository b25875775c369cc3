import { endOf, lastDayToBegin, lastReady } from '../../core/plan/backward.ts'
import type { WorkingTime } from '../../core/plan/forward.ts'
import type { Step } from '../../core/plan/step.ts'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import { needsOf, nextDate } from '../picture/pictureDates.ts'
import type { PaintingDocument, PictureDate } from '../studio.ts'

/** Why a date a picture must meet is not safe. */
export interface Danger {
  readonly date: PictureDate
  /** The layer that comes so far last, by its place; null: some layer has no date at all. */
  readonly slowest: number | null
  /** The day it does, at the confidence the studio plans on. */
  readonly ready: number | null
  /** The last day the next layer may go on without harm; null: it is late already, or none is left to paint. */
  readonly latest: number | null
}

/** So many days before the last day to begin it is spoken of. */
const daysAhead = 7
/** With more room than this nothing has to begin within a week. */
const ampleDays = 40

/** What threatens the next date of a picture; null: it has none, or it is safe and no day to begin is near. */
export function dangerTo(
  painting: Pick<PaintingDocument, 'dates'>,
  steps: readonly Step[],
  time: WorkingTime,
): Danger | null {
  const date = nextDate(painting, dateOf(time.today))
  if (!date) return null
  const deadline = { day: dayOf(date.on)!, needs: needsOf(date) }
  const last = lastReady(steps, deadline.needs, time)
  const spare = last ? endOf(deadline.day) - last.day : -Infinity
  const isLate = spare < 0
  if (isLate) return { date, slowest: last?.step ?? null, ready: last?.day ?? null, latest: null }
  if (spare > ampleDays) return null
  const latest = lastDayToBegin(steps, deadline, time)
  if (latest === null || latest > time.today + daysAhead) return null
  return { date, slowest: last!.step, ready: last!.day, latest }
}
