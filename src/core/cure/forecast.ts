import { clamp } from '../clamp.ts'
import { linkStates } from './linked.ts'
import type { Bounds, Linked } from './linked.ts'
import { normalBelow, normalQuantile } from './normal.ts'
import { meanAtStates, stateIds, stateNames } from './states.ts'
import type { StateDays, StateId } from './states.ts'

/** A finger on the layer: on this day after it was applied, the state was reached, or not yet. */
export interface Evidence {
  readonly day: number
  readonly state: StateId
  readonly reached: boolean
}

/** When a layer reaches its states: likely times, their spread, and what tests have told. */
export interface Forecast {
  readonly days: StateDays
  /** Spread of ln time about the likely one. */
  readonly sigma: number
  readonly evidence: readonly Evidence[]
  /** The states as the tests leave them; null while none was made. */
  readonly linked: Linked | null
}

/** Spread of ln time about the model: 0.35 up to 200 µm, rising with ln thickness to 0.80 at 1 mm (science.md, Cure). */
export const spreadOf = (thicknessUm: number): number =>
  0.35 + 0.45 * clamp(Math.log(thicknessUm / 200) / Math.log(5), 0, 1)

/** A pass that fewer of the book's layers would have given by then is doubted. */
const unlikelyShare = 0.01

/**
 * Whether hardly a layer of the book would have reached this state by this day: such a pass is asked about, kept, and says
 * nothing of the other states (science.md §7).
 */
export const isUnlikelyPass = (
  { days, sigma }: Pick<Forecast, 'days' | 'sigma'>,
  state: StateId,
  day: number,
) => days[state] === null || normalBelow(zOf(day, days[state], sigma)) < unlikelyShare

/** A day as so many spreads of ln time after the likely one. */
const zOf = (day: number, likely: number, sigma: number): number =>
  Math.log(Math.max(1e-6, day / likely)) / sigma

/**
 * A forecast, narrowed by touch tests (science.md §7): each state's own tests cut off where it cannot be, the other states
 * follow by their correlation, and all keep their order. Of tests that contradict each other the latest counts.
 */
export function forecastOf(
  days: StateDays,
  thicknessUm: number,
  evidence: readonly Evidence[] = [],
): Forecast {
  const sigma = spreadOf(thicknessUm)
  if (evidence.length === 0) return { days, sigma, evidence, linked: null }
  const inTime = [...evidence].sort((a, b) => a.day - b.day)
  return { days, sigma, evidence: inTime, linked: linkedBy(days, sigma, inTime) }
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
    const believed = own.by !== null && !isUnlikelyPass({ days, sigma }, state, own.by)
    const low = own.after === null ? -Infinity : z(own.after)
    const high = believed ? z(own.by) : Infinity
    if (low > -Infinity || high < Infinity) telling.set(state, { low, high })
  }
  return linkStates(telling, held)
}

/** The days after and by which tests say a state was reached; tests are in order of time. */
function windowOf(
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

/** Days by which the state is reached with this chance (0..1); null: it never is. */
export function daysAtChance(forecast: Forecast, state: StateId, chance: number): number | null {
  const passed = passedOn(forecast, state)
  if (passed !== null) return passed
  const model = forecast.days[state]
  if (model === null) return null
  const z = forecast.linked ? forecast.linked.quantile(state, chance) : normalQuantile(chance)
  return model * Math.exp(forecast.sigma * z)
}

/** Chance (0..1) that the state is reached by this day after application. */
export function chanceBy(forecast: Forecast, state: StateId, day: number): number {
  const passed = passedOn(forecast, state)
  if (passed !== null && day >= passed) return 1
  const model = forecast.days[state]
  if (model === null || day <= 0) return 0
  const z = Math.log(day / model) / forecast.sigma
  return forecast.linked ? forecast.linked.below(state, z) : normalBelow(z)
}

/** Day of the first test that found this state, or a later one, reached, unless a later test took it back. */
export const passedOn = ({ evidence }: Forecast, state: StateId): number | null =>
  windowOf(state, evidence).by

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
export function likelyCured({ days }: Pick<Forecast, 'days'>, day: number): number {
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
