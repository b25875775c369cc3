import type { StateId } from '../../core/cure/states.ts'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import { dayAt, shareBy, simulateReaching } from '../../core/plan/simulate.ts'
import type { Assessment } from '../judging/assess.ts'
import { needsOf, nextDate } from '../picture/pictureDates.ts'
import type { Picture } from '../picture/picture.ts'

/** How a picture ends, if all is painted as soon as it may be; days of the calendar. */
export interface PlayedOut {
  /** Firm throughout, 8 times in 10 between these. */
  readonly firm: { readonly early: number; readonly late: number }
  /** The next date it must meet, with the chance that it does, 0..1; null: it has none. */
  readonly meets: { readonly day: number; readonly needs: StateId; readonly chance: number } | null
  /** Soft enough for a removable varnish, and cured for any other, 8 times in 10; null: it never is. */
  readonly soft: number | null
  readonly cured: number | null
}

const draws = 1000

/** Plays a picture through many times, each film at a pace of its own: work for a worker. Null: it never is firm. */
export function playOut({ painting, today }: Picture, { layers, workingTime }: Assessment): PlayedOut | null {
  if (layers.length === 0) return null
  const next = nextDate(painting, dateOf(today))
  const due = next && { day: dayOf(next.on)!, needs: needsOf(next) }
  const steps = layers.map(({ step }) => step)
  const states: readonly StateId[] = ['firm', 'varnishSoft', 'cured', ...(due ? [due.needs] : [])]
  const reached = simulateReaching(steps, states, workingTime, draws)
  const by = (state: StateId, share: number): number | null => reached[state] && dayAt(reached[state], share)
  const inTime = due && reached[due.needs]
  const [early, late] = [by('firm', 0.1), by('firm', 0.9)]
  if (early === null || late === null) return null
  return {
    firm: { early, late },
    meets: due && { ...due, chance: inTime ? shareBy(inTime, due.day + 1) : 0 },
    soft: by('varnishSoft', 0.8),
    cured: by('cured', 0.8),
  }
}
