import { dayOf } from '../../core/plan/calendar.ts'
import type { WorkingDays } from '../../core/plan/calendar.ts'
import type { Settings } from '../studio.ts'

/** The days the studio works. */
export const workingDaysOf = ({
  workingDays,
  away,
}: Pick<Settings, 'workingDays' | 'away'>): WorkingDays => ({
  workingDays,
  away: away.map(({ from, until }) => [dayOf(from)!, dayOf(until)!]),
})
