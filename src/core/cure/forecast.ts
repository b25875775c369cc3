import { clamp } from '../clamp.ts'
import { linkStates } from './linked.ts'
import type { Bounds, Linked } from './linked.ts'
import { normalBelow, normalQuantile } from './normal.ts'
import type { RoomClock } from './roomClock.ts'
import { meanAtStates, stateIds, stateNames } from './states.ts'
import type { StateDays, StateId } from './states.ts'

/** A finger on the layer: on this day after it was applied, the state was reached, or not yet. */
export interface Evidence {
  readonly day: number
  readonly state: StateId
  readonly reached: boolean
}

/**
 * When a layer reaches its states: likely times, their spread, and what tests have told. `days` and the evidence are counted
 * in days of a steady room; where `room` says how the real one goes, what is asked and answered is days of the calendar.
 */
export interface Forecast {
  readonly days: StateDays
  /** How the room goes; null: as steady as it is set. */
  readonly room: RoomClock | null
  /** The day it was laid. */
  readonly laidDay: number
  /** Spread of ln time about the likely one. */
  readonly sigma: number
  readonly evidence: readonly Evidence[]
  /** The states as the tests leave them; null while none was made. */
  readonly linked: Linked | null
}

/** What a studio has learnt of such a film: how many times the book's time it takes, and the spread that is left. */
export interface LearntPace {
  readonly times: number
  readonly sigma: number
}

/** Where and when a film was laid, and what is known of its kind. */
export interface Laying {
  readonly room?: RoomClock | null
  readonly laidDay?: number
  readonly learnt?: LearntPace | null
}

/** Spread of ln time of a film up to 200 µm. */
export const thinFilmSpread = 0.35

/** Spread of ln time about the model: 0.35 up to 200 µm, rising with ln thickness to 0.80 at 1 mm (science.md, Cure). */
export const spreadOf = (thicknessUm: number): number =>
  thinFilmSpread + 0.45 * clamp(Math.log(thicknessUm / 200) / Math.log(5), 0, 1)

/** A pass that fewer of the book's layers would have given by then is doubted. */
const unlikelyShare = 0.01

/**
 * Whether hardly a layer of the book would have reached this state by this day: such a pass is asked about, kept, and says
 * nothing of the other states (science.md §7).
 */
export const isUnlikelyPass = (forecast: Forecast, state: StateId, day: number): boolean =>
  isUnlikelyIn(forecast, state, inSteadyRoom(forecast, day))

const isUnlikelyIn = (
  { days, sigma }: Pick<Forecast, 'days' | 'sigma'>,
  state: StateId,
  steadyDay: number,
): boolean => days[state] === null || normalBelow(zOf(steadyDay, days[state], sigma)) < unlikelyShare

/** A day as so many spreads of ln time after the likely one. */
const zOf = (day: number, likely: number, sigma: number): number =>
  Math.log(Math.max(1e-6, day / likely)) / sigma

/**
 * A forecast, narrowed by touch tests (science.md §7): each state's own tests cut off where it cannot be, the other states
 * follow by their correlation, and all keep their order. Of tests that contradict each other the latest counts.
 * @param bookDays what the book says, in the steady room
 * @param evidence on days of the calendar after it was laid
 */
export function forecastOf(
  bookDays: StateDays,
  thicknessUm: number,
  evidence: readonly Evidence[] = [],
  { room = null, laidDay = 0, learnt = null }: Laying = {},
): Forecast {
  return restoredForecast({
    days: learnt ? timesLonger(bookDays, learnt.times) : bookDays,
    sigma: learnt?.sigma ?? spreadOf(thicknessUm),
    evidence: evidence.map((test) => (room ? { ...test, day: room.steadyDays(laidDay, test.day) } : test)),
    room,
    laidDay,
  })
}

/** A forecast from what was kept of it; its days and evidence are of the steady room. */
export function restoredForecast(kept: Omit<Forecast, 'linked'>): Forecast {
  const evidence = [...kept.evidence].sort((a, b) => a.day - b.day)
  const linked = evidence.length > 0 ? linkedBy(kept.days, kept.sigma, evidence) : null
  return { ...kept, evidence, linked }
}

const timesLonger = (days: StateDays, times: number): StateDays =>
  Object.fromEntries(
    stateIds.map((state) => [state, days[state] === null ? null : days[state] * times]),
  ) as StateDays

/** The same film laid on another day. */
export const laidOn = (forecast: Forecast, laidDay: number): Forecast =>
  forecast.room === null || forecast.laidDay === laidDay ? forecast : { ...forecast, laidDay }

const onCalendar = ({ room, laidDay }: Forecast, steady: number): number =>
  room ? room.calendarDays(laidDay, steady) : steady

const inSteadyRoom = ({ room, laidDay }: Forecast, day: number): number =>
  room ? room.steadyDays(laidDay, day) : day

/** The likely days of the calendar until a state; null: never. */
export const likelyDays = (forecast: Forecast, state: StateId): number | null => {
  const steady = forecast.days[state]
  return steady === null ? null : onCalendar(forecast, steady)
}

function linkedBy(days: StateDays, sigma: number, evidence: readonly Evidence[]): Linked {
  const telling = new Map<StateId, Bounds>()
  const held = new Map<StateId, Bounds>()
  for (const state of stateIds) {
    const model = days[state]
    if (model === null) continue
    const z = (day: number): number => zOf(day, model, sigma)
    const { after, by } = windowOf(state, evidence)
    held.set(state, { low: after === null ? -Infinity : z(after), high: by === null ? Infinity : z(by) })
    const own = windowOf(
      state,
      evidence.filter((test) => test.state === state),
    )
    const believed = own.by !== null && !isUnlikelyIn({ days, sigma }, state, own.by)
    const low = own.after === null ? -Infinity : z(own.after)
    const high = believed ? z(own.by) : Infinity
    if (low > -Infinity || high < Infinity) telling.set(state, { low, high })
  }
  return linkStates(telling, held)
}

/** The days after and by which tests say a state was reached; tests are in order of time, and of opposite ones the later counts. */
export function windowOf(
  state: StateId,
  evidence: readonly Evidence[],
): { readonly after: number | null; readonly by: number | null } {
  let after: number | null = null
  let by: number | null = null
  const at = stateIds.indexOf(state)
  for (const test of evidence) {
    const tested = stateIds.indexOf(test.state)
    if (test.reached && tested >= at) by ??= test.day
    else if (!test.reached && tested <= at) {
      after = test.day
      by = null
    }
  }
  return { after, by }
}

/** So many spreads of ln time after the likely one a state is reached with this chance. */
const spreadsAt = (linked: Linked | null, state: StateId, chance: number): number =>
  linked ? linked.quantile(state, chance) : normalQuantile(chance)

/** Days by which the state is reached with this chance (0..1); null: it never is. */
export const daysAtChance = (forecast: Forecast, state: StateId, chance: number): number | null =>
  daysIfLaid(forecast, state, chance, forecast.laidDay)

/** The same had it been laid on another day: where the room changes, that counts. */
export function daysIfLaid(
  { days, sigma, evidence, linked, room }: Forecast,
  state: StateId,
  chance: number,
  laidDay: number,
): number | null {
  const passed = evidence.length > 0 ? windowOf(state, evidence).by : null
  const model = days[state]
  if (passed === null && model === null) return null
  const steady = passed ?? model! * Math.exp(sigma * spreadsAt(linked, state, chance))
  return room ? room.calendarDays(laidDay, steady) : steady
}

/** Chance (0..1) that the state is reached by this day after application. */
export function chanceBy(forecast: Forecast, state: StateId, day: number): number {
  const passed = passedOn(forecast, state)
  if (passed !== null && day >= passed) return 1
  const model = forecast.days[state]
  if (model === null || day <= 0) return 0
  const z = zOf(inSteadyRoom(forecast, day), model, forecast.sigma)
  return forecast.linked ? forecast.linked.below(state, z) : normalBelow(z)
}

/** Day of the first test that found this state, or a later one, reached, unless a later test took it back. */
export const passedOn = (forecast: Forecast, state: StateId): number | null => {
  const { by } = windowOf(state, forecast.evidence)
  return by === null ? null : onCalendar(forecast, by)
}

/** Whether the state is taken as reached on this day: more likely than not, or a test says so. */
export const isReached = (forecast: Forecast, state: StateId, day: number): boolean =>
  chanceBy(forecast, state, day) >= 0.5

/** Whether it dries by what leaves it, so that all its states come at once. */
export const driesAtOnce = ({ days }: Pick<Forecast, 'days'>): boolean =>
  days.touch !== null && days.touch === days.cured

/** The furthest state taken as reached on this day, in words. */
export function stateOn(forecast: Forecast, day: number): string {
  if (driesAtOnce(forecast)) return isReached(forecast, 'cured', day) ? 'dry' : 'drying'
  const last = stateIds.toReversed().find((state) => isReached(forecast, state, day))
  return last ? stateNames[last] : 'wet'
}

/**
 * The likely mean cured fraction of a film, 0..1, between the states it passes. A thin film's (1 - x)^-2 grows in line with
 * time, so that is what is followed from one to the next; what never dries stays at 0.
 */
export function likelyCured(forecast: Forecast, calendarDay: number): number {
  const { days } = forecast
  const day = inSteadyRoom(forecast, calendarDay)
  let [from, before] = [0, 1]
  for (const [state, cured] of meanAtStates) {
    const at = days[state]
    if (at === null) break
    const reached = (1 - cured) ** -2
    if (day < at) return curedOf(before + ((reached - before) * (day - from)) / (at - from))
    if (at >= from) [from, before] = [at, reached]
  }
  return curedOf(before)
}

const curedOf = (steepness: number): number => 1 - 1 / Math.sqrt(steepness)
