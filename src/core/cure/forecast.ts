import { clamp } from '../clamp.ts'
import { normalBelow, normalQuantile } from './normal.ts'
import { stateNames } from './states.ts'
import type { StateDays, StateId } from './states.ts'

/** A finger on the layer: on this day after it was applied, the state was reached, or not yet. */
export interface Evidence {
  readonly day: number
  readonly state: StateId
  readonly reached: boolean
}

/** When a layer reaches its states: likely times, their spread, and what touch tests have ruled out. */
export interface Forecast {
  readonly days: StateDays
  readonly sigma: number
  /** The layer's time over the model's lies above `slower` and at or below `faster`. */
  readonly above: number
  readonly atMost: number
  readonly evidence: readonly Evidence[]
}

/** Spread of ln time about the model: 0.35 up to 200 µm, rising with ln thickness to 0.80 at 1 mm (science.md, Cure). */
export const spreadOf = (thicknessUm: number): number =>
  0.35 + 0.45 * clamp(Math.log(thicknessUm / 200) / Math.log(5), 0, 1)

/** A touch-dry layer is also not wet: a state passed implies those before it. */
const order: readonly StateId[] = ['touch', 'firm', 'set', 'varnishSoft', 'cured']

/**
 * A forecast, narrowed by touch tests: one factor on the whole layer's time, log-normal about 1, cut off where a test
 * says it cannot be. Of tests that contradict each other the latest counts.
 */
export function forecastOf(
  days: StateDays,
  thicknessUm: number,
  evidence: readonly Evidence[] = [],
): Forecast {
  let above = 0
  let atMost = Infinity
  for (const { day, state, reached } of [...evidence].sort((a, b) => a.day - b.day)) {
    const model = days[state]
    if (model === null) continue
    const factor = Math.max(1e-6, day / model)
    if (reached) {
      atMost = Math.min(atMost, factor)
      if (above >= atMost) above = 0
    } else {
      above = Math.max(above, factor)
      if (above >= atMost) atMost = Infinity
    }
  }
  return { days, sigma: spreadOf(thicknessUm), above, atMost, evidence }
}

/** Days by which the state is reached with this chance (0..1); null: it never is. */
export function daysAtChance(forecast: Forecast, state: StateId, chance: number): number | null {
  const passed = passedOn(forecast, state)
  if (passed !== null) return passed
  const model = forecast.days[state]
  if (model === null) return null
  const low = belowFactor(forecast, forecast.above)
  const high = belowFactor(forecast, forecast.atMost)
  // So far out in the tail that the normal says nothing more: take the test's own word, a little later.
  if (high - low < 1e-9)
    return model * (forecast.above > 0 ? forecast.above * (1 + chance * forecast.sigma) : forecast.atMost)
  return model * Math.exp(forecast.sigma * normalQuantile(low + chance * (high - low)))
}

/** Chance (0..1) that the state is reached by this day after application. */
export function chanceBy(forecast: Forecast, state: StateId, day: number): number {
  const passed = passedOn(forecast, state)
  if (passed !== null && day >= passed) return 1
  const failed = forecast.evidence.some((test) => !test.reached && test.state === state && test.day >= day)
  const model = forecast.days[state]
  if (model === null || day <= 0 || failed) return 0
  const low = belowFactor(forecast, forecast.above)
  const high = belowFactor(forecast, forecast.atMost)
  const factor = day / model
  if (high - low < 1e-9) return factor >= forecast.above * (1 + forecast.sigma / 2) ? 1 : 0
  return clamp((belowFactor(forecast, factor) - low) / (high - low), 0, 1)
}

const belowFactor = ({ sigma }: Forecast, factor: number): number =>
  factor <= 0 ? 0 : factor === Infinity ? 1 : normalBelow(Math.log(factor) / sigma)

/** Day of the first test that found this state, or a later one, reached, unless a later test took it back. */
export function passedOn({ evidence }: Forecast, state: StateId): number | null {
  let passed: number | null = null
  for (const test of [...evidence].sort((a, b) => a.day - b.day)) {
    if (test.reached && order.indexOf(test.state) >= order.indexOf(state)) passed ??= test.day
    else if (!test.reached && order.indexOf(test.state) <= order.indexOf(state)) passed = null
  }
  return passed
}

/** Whether the state is taken as reached on this day: more likely than not, or a test says so. */
export const isReached = (forecast: Forecast, state: StateId, day: number): boolean =>
  chanceBy(forecast, state, day) >= 0.5

/** The furthest state taken as reached on this day, in words. */
export function stateOn(forecast: Forecast, day: number): string {
  const last = [...order].reverse().find((state) => isReached(forecast, state, day))
  return last ? stateNames[last] : 'wet'
}

/** A generator of numbers from 0 to 1, the same for the same seed (mulberry32). */
export function seeded(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = state
    mixed = Math.imul(mixed ^ (mixed >>> 15), mixed | 1)
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61)
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
}
