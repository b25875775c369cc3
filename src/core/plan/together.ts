import { daysIfLaid } from '../cure/forecast.ts'
import type { StateId } from '../cure/states.ts'
import { seeded } from '../seeded.ts'
import { isWorked, morning } from './calendar.ts'
import { earliestOf } from './earliest.ts'
import type { WorkingTime } from './forward.ts'
import { paces, reaches } from './sampled.ts'
import type { Reaches } from './sampled.ts'
import { dayAt, shareBy } from './simulate.ts'
import { isFilm } from './step.ts'
import type { Spot, Step } from './step.ts'

/** A picture among others: its steps, the hours each takes, and the days it must meet. */
export interface Project {
  readonly steps: readonly Step[]
  readonly hours: readonly number[]
  readonly meets: readonly Meeting[]
}

export interface Meeting {
  readonly day: number
  readonly needs: StateId
}

/** What the draws say of a picture. */
export interface Outlook {
  /** Of each day it must meet, the chance that it does, 0..1. */
  readonly chances: readonly number[]
  /** When all of it is firm, at 10, 50 and 90 %; null: never. */
  readonly firm: readonly [number, number, number] | null
}

export interface SharedTime extends WorkingTime {
  readonly hoursADay: number
}

export interface TogetherOptions {
  readonly draws?: number
  readonly seed?: number
  /** Called now and then with the share that is done; returning false stops it. */
  readonly onProgress?: (share: number) => boolean
}

/** Work is given a day within so many days from today; what comes later meets nothing. */
const longestDays = 4000
const drawsBetweenTellings = 50

/**
 * Many pictures that share a painter’s hours, played through (science.md §8): in every draw each layer dries at its own
 * sampled pace, what is ready first is painted first, and a day that is full puts the rest off. Same seed, same draws, so
 * that two plans are compared on the same weather. Null when stopped.
 */
export function simulateTogether(
  projects: readonly Project[],
  time: SharedTime,
  { draws: count = 2000, seed = 1, onProgress }: TogetherOptions = {},
): readonly Outlook[] | null {
  const all = laidOut(projects, time.today)
  const { laid, draws, ends } = all
  const hours = workedHours(time)
  const random = seeded(seed)
  const reached = ends.map(() => new Float64Array(count))
  for (let draw = 0; draw < count; draw++) {
    if (draw % drawsBetweenTellings === 0 && onProgress?.(draw / count) === false) return null
    for (let step = 0; step < draws.length; step++) draws[step] = Math.floor(random() * paces)
    playThrough(all, time, hours.slice())
    ends.forEach(({ from, to }, at) => {
      reached[at]![draw] = Math.max(time.today, all.reaches.latest(from, to, laid, draws))
    })
  }
  return projects.map(({ meets }, at) => {
    const sorted = new Map(
      ends.flatMap(({ project, state }, end) =>
        project === at ? [[state, reached[end]!.sort()] as const] : [],
      ),
    )
    const firm = [0.1, 0.5, 0.9].map((share) => dayAt(sorted.get('firm')!, share))
    return {
      chances: meets.map(({ day, needs }) => shareBy(sorted.get(needs)!, Math.floor(day) + 1)),
      firm: firm.every(Number.isFinite) ? (firm as [number, number, number]) : null,
    }
  })
}

/** A step that is still to be laid: what it waits for, from one place of the reaches to another. */
interface Play {
  readonly step: number
  readonly from: number
  readonly to: number
  readonly notBefore: number
  readonly plannedDay: number | null
  readonly wetInWet: boolean
  readonly hours: number
}

/** All films of a picture, which have to come so far. */
interface End {
  readonly project: number
  readonly state: StateId
  readonly from: number
  readonly to: number
}

/** All pictures side by side; steps are numbered through all of them. */
interface LaidOut {
  readonly reaches: Reaches
  /** Of each picture the steps still to be laid, in order. */
  readonly plays: readonly (readonly Play[])[]
  readonly ends: readonly End[]
  /** Of each step: the day it went on, and which of the paces its film has in this draw. */
  readonly laid: Float64Array
  readonly draws: Uint16Array
}

function laidOut(projects: readonly Project[], today: number): LaidOut {
  const table = reaches()
  const steps = projects.flatMap((project) => project.steps)
  const ends: End[] = []
  let before = 0
  const plays = projects.map(({ steps: own, hours, meets }, project) => {
    const first = before
    before += own.length
    const open: IsOpen = (at, spot, state) => {
      const { paintedDay } = own[at]!
      const days = paintedDay === null ? null : daysIfLaid(spot.forecast, state, almostSure, paintedDay)
      return days === null || paintedDay! + days > today
    }
    const play = own.flatMap((step, at) =>
      step.paintedDay === null ? [playOf(table, step, first, at, { hours: hours[at] ?? 0, open })] : [],
    )
    for (const state of new Set<StateId>(['firm', ...meets.map(({ needs }) => needs)])) {
      const from = table.count()
      own.forEach(({ spots }, at) => {
        for (const spot of spots)
          if (isFilm(spot) && open(at, spot, state)) table.add(first + at, spot.forecast, state, 0)
      })
      ends.push({ project, state, from, to: table.count() })
    }
    return play
  })
  return {
    reaches: table,
    plays,
    ends,
    laid: Float64Array.from(steps, ({ paintedDay }) => paintedDay ?? NaN),
    draws: new Uint16Array(steps.length),
  }
}

/** Whether a film may not have come so far yet; nothing waits for those that have. */
type IsOpen = (at: number, spot: Spot, state: StateId) => boolean

/** A film that has come so far with this chance is taken to have. */
const almostSure = 0.9995

function playOf(
  table: Reaches,
  { over, asks, until, wetInWet, plannedDay, groundReady }: Step,
  first: number,
  at: number,
  { hours, open }: { readonly hours: number; readonly open: IsOpen },
): Play {
  const from = table.count()
  for (const spot of over) {
    const under = first + spot.step
    if (wetInWet || asks === 'nothing') {
      table.add(under, null, 'touch', 0)
      continue
    }
    const rest = Math.max(spot.restDays ?? 0, asks === 'gate' ? 0 : asks.restDays)
    const states = [
      asks === 'gate' ? spot.gate : asks.state,
      ...(typeof until === 'string' ? [] : [until.state]),
    ]
    for (const state of states)
      if (rest > 0 || open(spot.step, spot, state)) table.add(under, spot.forecast, state, rest)
  }
  const notBefore = groundReady ?? -Infinity
  return { step: first + at, from, to: table.count(), plannedDay, wetInWet, hours, notBefore }
}

/** The hours of each day from today on; 0 where nobody works. */
function workedHours(time: SharedTime): Float64Array {
  const first = Math.floor(time.today)
  return Float64Array.from({ length: longestDays }, (_, at) =>
    isWorked(first + at, time) ? time.hoursADay : 0,
  )
}

/** A picture whose next step waits for its day. */
interface Turn {
  readonly plays: readonly Play[]
  next: number
}

/** Lays every step of every picture, what is ready first first, on days that have room for it. */
function playThrough(all: LaidOut, { today, hoursADay }: SharedTime, left: Float64Array): void {
  const { reaches: table, laid, draws } = all
  const queue = earliestOf<Turn>()
  const wait = (turn: Turn): void => {
    const play = turn.plays[turn.next]
    if (!play) return
    const ready = table.latest(play.from, play.to, laid, draws)
    queue.put(Math.max(today, play.notBefore, ready), turn)
  }
  for (const plays of all.plays) if (plays.length > 0) wait({ plays, next: 0 })
  // A day that is full stays full: it is not looked at again.
  let firstFree = 0
  for (let turn = queue.take(); turn; turn = queue.take()) {
    const { step, plannedDay, wetInWet, hours } = turn.item.plays[turn.item.next++]!
    while (firstFree < left.length && left[firstFree]! <= 0) firstFree++
    const booking = { ready: turn.day, hours: Math.min(hours, hoursADay), firstFree }
    laid[step] = plannedDay ?? (wetInWet ? turn.day : bookedDay(booking, today, left))
    wait(turn.item)
  }
}

interface Booking {
  readonly ready: number
  readonly hours: number
  /** Every day before it is full. */
  readonly firstFree: number
}

/** The first working morning from a day on that has the hours, which are taken; Infinity: it lies beyond all plans. */
function bookedDay({ ready, hours, firstFree }: Booking, today: number, left: Float64Array): number {
  if (!Number.isFinite(ready)) return Infinity
  const first = Math.floor(today)
  // What is ready in the course of today may still be begun today.
  const from = Math.floor(ready) === first ? 0 : Math.ceil(ready - morning) - first
  for (let at = Math.max(firstFree, from); at < left.length; at++)
    if (left[at]! >= hours && left[at]! > 0) {
      left[at]! -= hours
      return Math.max(ready, first + at + morning)
    }
  return Infinity
}
