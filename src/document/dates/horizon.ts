import { forwardDates } from '../../core/plan/forward.ts'
import type { StepDate } from '../../core/plan/forward.ts'
import { lastDayToBegin } from '../../core/plan/backward.ts'
import { dayOf, morning } from '../../core/plan/calendar.ts'
import type { Meeting, Outlook, Project, SharedTime } from '../../core/plan/together.ts'
import { simulateTogether } from '../../core/plan/together.ts'
import type { Step } from '../../core/plan/step.ts'
import { clockBy } from '../../core/room/roomLog.ts'
import type { RoomPaces } from '../../core/room/roomLog.ts'
import type { RoomClock } from '../../core/cure/roomClock.ts'
import type { Verdict } from '../../core/severity.ts'
import { needsOf } from '../picture/pictureDates.ts'
import type { PictureDate } from '../studio.ts'
import { stepsOfSummary } from '../judging/summarySteps.ts'
import type { SummaryLayer } from '../judging/summary.ts'

/** All paintings along the calendar: what a page needs to know of each, and what follows from a change of plan. */

/** A layer as the calendar shows it. */
export type HorizonLayer = Omit<
  SummaryLayer,
  'areas' | 'wetThicknessUm' | 'pigments' | 'need' | 'tubes' | 'teaches' | 'mixedOn'
>

export interface HorizonEntry {
  readonly id: string
  readonly title: string
  readonly verdict: Verdict
  readonly layers: readonly HorizonLayer[]
  readonly dates: readonly PictureDate[]
  /** Which of the rooms it dries in. */
  readonly room: string
}

/** Everything the calendar is drawn from. */
export interface Horizon {
  readonly entries: readonly HorizonEntry[]
  /** How many there are in all; the others are asked for. */
  readonly count: number
  readonly rooms: Readonly<Record<string, RoomPaces | null>>
  readonly time: SharedTime
  readonly hoursALayer: number
}

/** Days the painter gives layers on the page, before they are saved; null: as soon as it may be. */
export type Plans = Readonly<Record<string, string | null>>

export type Clocks = Readonly<Record<string, RoomClock | null>>

export const clocksOf = (rooms: Horizon['rooms']): Clocks =>
  Object.fromEntries(Object.entries(rooms).map(([key, paces]) => [key, clockBy(paces)]))

/** A painting as it is planned: its steps with their days. */
export interface Planned {
  readonly steps: readonly Step[]
  readonly dates: readonly StepDate[]
}

export function plannedOf(entry: HorizonEntry, plans: Plans, clocks: Clocks, time: SharedTime): Planned {
  const layers = entry.layers.map((layer): HorizonLayer => {
    const planned = plans[layer.id]
    if (planned === undefined || layer.paintedDay !== null) return layer
    return { ...layer, plannedDay: planned === null ? null : dayOf(planned)! + morning }
  })
  const steps = stepsOfSummary({ layers }, clocks[entry.room] ?? null)
  return { steps, dates: forwardDates(steps, time) }
}

/** The days a painting must meet yet, each with the state it needs. */
export const meetingsAhead = ({ dates }: Pick<HorizonEntry, 'dates'>, today: number): readonly Meeting[] =>
  dates.map((date) => ({ day: dayOf(date.on)!, needs: needsOf(date) })).filter(({ day }) => day >= today - 1)

export const projectOf = (
  entry: HorizonEntry,
  { steps }: Planned,
  { time, hoursALayer }: Pick<Horizon, 'time' | 'hoursALayer'>,
): Project => ({
  steps,
  hours: entry.layers.map(({ hours }) => hours ?? hoursALayer),
  meets: meetingsAhead(entry, time.today),
})

/** What the draws say of a painting, and until when its next layer may wait without risking each date. */
export interface EntryOutlook extends Outlook {
  /** Days, of each date ahead; null: it is at risk already, or nothing is left to paint. */
  readonly latest: readonly (number | null)[]
}

/** The outlook of every painting, their hours shared; null when stopped. Slow: for a worker. */
export function outlooksOf(
  horizon: Horizon,
  plans: Plans,
  onProgress?: (share: number) => boolean,
): readonly EntryOutlook[] | null {
  const clocks = clocksOf(horizon.rooms)
  const planned = horizon.entries.map((entry) => plannedOf(entry, plans, clocks, horizon.time))
  const projects = horizon.entries.map((entry, at) => projectOf(entry, planned[at]!, horizon))
  const outlooks = simulateTogether(projects, horizon.time, onProgress ? { onProgress } : {})
  return (
    outlooks &&
    outlooks.map((outlook, at) => ({
      ...outlook,
      latest: projects[at]!.meets.map((meeting) => lastDayToBegin(planned[at]!.steps, meeting, horizon.time)),
    }))
  )
}
