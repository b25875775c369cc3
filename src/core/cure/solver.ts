import { advance, airIn, fastestIn, settle } from './air.ts'
import { referenceClimate } from './climate.ts'
import type { Climate } from './climate.ts'
import { cellCounts, emptyColumn, lay, meanOf, profileOf, readProfile, take } from './column.ts'
import type { Column, CureLayer } from './column.ts'
import { reached, stateIds } from './states.ts'
import type { CureProfile, StateDays } from './states.ts'
import { traceOf } from './trace.ts'

export interface CureSolution {
  /** Days after each film was applied; null: not reached, or not before the film was gone. */
  readonly layers: readonly StateDays[]
  /** The day each film was gone; null: it is there to the end. */
  readonly gone: readonly (number | null)[]
  /** Cured fraction over time: `mean[layer][step]` at `days[step]`; 0 before the film is there, as it was once it is gone. */
  readonly days: Float64Array
  readonly mean: readonly Float64Array[]
  /** On each day asked for, of each film: cured fraction from its bottom to its surface; null: it is not there. */
  readonly snapshots: readonly (readonly (readonly number[] | null)[])[]
}

export interface SolverOptions {
  /** Finer than 1 halves both the cells and the steps at 2. Default 1. */
  readonly fineness?: number
  /** Called now and then with the share of the time done; returning false stops the solve. */
  readonly onProgress?: (share: number) => boolean
  /** Days on which the films are looked at through their depth, ascending. */
  readonly snapshotDays?: readonly number[]
}

const largestStep = 0.02
const longestStepDays = 40
const sameMoment = 1e-9

/**
 * Oxygen and cure through a stack, by finite volumes: at each step the quasi-steady oxygen profile is solved, then every
 * cell is carried over the step in closed form at the rate of the step's middle (second order in time).
 * Returns null only when `onProgress` stopped it. Source: science.md, Cure.
 */
export function solveCure(
  layers: readonly CureLayer[],
  untilDay: number,
  climate: Climate = referenceClimate,
  { fineness = 1, onProgress, snapshotDays = [] }: SolverOptions = {},
): CureSolution | null {
  const counts = cellCounts(layers, fineness)
  const cells = counts.reduce((sum, count) => sum + count, 0)
  const column = emptyColumn(layers, cells)
  const air = airIn(column, climate)
  const middle = new Float64Array(cells)
  const states = statesOf(layers)
  const trace = traceOf(layers.length)
  const gone = layers.map((): number | null => null)
  const removals = layers
    .flatMap(({ removed = [] }, layer) => removed.map((taken) => ({ ...taken, layer })))
    .sort((a, b) => a.day - b.day)

  let laid = 0
  let removal = 0
  let day = layers[0]?.appliedDay ?? 0
  const record = (dt: number): void => {
    trace.add(day)
    for (let layer = 0; layer < laid; layer++)
      if (column.count[layer]! > 0) trace.set(layer, states.read(column, layer, day, dt))
      else trace.set(layer, trace.last(layer))
  }
  /** What happens at this very moment: first what is taken off, then what goes on. */
  const meetEvents = (): void => {
    while (removals[removal] && removals[removal]!.day <= day + sameMoment) {
      const { layer, takes } = removals[removal++]!
      if (layer >= laid || column.count[layer] === 0) continue
      take(column, layer, takes)
      if (column.count[layer] === 0) gone[layer] = day
      record(0)
    }
    while (laid < layers.length && layers[laid]!.appliedDay <= day + sameMoment) {
      lay(column, laid, layers[laid]!, counts[laid]!)
      laid++
    }
  }

  const snapshots: (readonly (readonly number[] | null)[])[] = []
  /** Looks through the films that are there, on every day that has come. */
  const look = (until: number): void => {
    while (snapshots.length < snapshotDays.length && snapshotDays[snapshots.length]! <= until + sameMoment)
      snapshots.push(layers.map((_, layer) => (layer < laid ? profileOf(column, layer) : null)))
  }

  look(day - 2 * sameMoment)
  meetEvents()
  record(0)
  look(day)
  /** The next day on which more happens than drying. */
  const nextStop = (): number =>
    Math.min(
      untilDay,
      layers[laid]?.appliedDay ?? Infinity,
      removals[removal]?.day ?? Infinity,
      snapshotDays[snapshots.length] ?? Infinity,
    )
  let next = nextStop()
  let steps = 0
  while (day < untilDay && layers.length > 0) {
    settle(column, air, column.x)
    const fastest = fastestIn(column, air, column.x)
    const dt = Math.min(longestStepDays, largestStep / fineness / Math.max(fastest, 1e-9), next - day)
    advance(column, air, column.x, dt / 2, middle)
    settle(column, air, middle)
    advance(column, air, column.x, dt, column.x)
    const stops = next - day - dt < sameMoment
    day = stops ? next : day + dt
    record(dt)
    if (stops) {
      meetEvents()
      look(day)
      next = nextStop()
    }
    if (onProgress && ++steps % 64 === 0 && !onProgress(day / untilDay)) return null
  }
  look(Infinity)
  return {
    layers: states.days(),
    gone,
    snapshots,
    days: trace.days(),
    mean: layers.map((_, layer) => trace.mean(layer)),
  }
}

/** In the order of the states, so that no step looks one up by its name. */
const progressTo = stateIds.map((id) => reached[id])

/** When each film reaches each state, followed from step to step. */
function statesOf(layers: readonly CureLayer[]): {
  /** Looks at a film after a step of `dt` and answers its mean cured fraction. */
  readonly read: (column: Column, layer: number, day: number, dt: number) => number
  readonly days: () => readonly StateDays[]
} {
  const profile: CureProfile = { top: 0, mean: 0, bottom: 0 }
  const size = stateIds.length
  const found = new Float64Array(layers.length * size).fill(-1)
  const progress = new Float64Array(layers.length * size).fill(-1)
  const open = new Int32Array(layers.length).fill(size)
  return {
    read: (column, layer, day, dt) => {
      if (open[layer] === 0) return meanOf(column, layer)
      readProfile(column, layer, profile)
      for (let state = 0; state < size; state++) {
        const at = layer * size + state
        if (found[at]! >= 0) continue
        const now = progressTo[state]!(profile)
        if (now >= 0) {
          const over = dt > 0 ? (dt * now) / (now - progress[at]!) : 0
          found[at] = day - layers[layer]!.appliedDay - over
          open[layer]!--
        }
        progress[at] = now
      }
      return profile.mean
    },
    days: () =>
      layers.map((_, layer) => {
        const day = (state: number): number | null => {
          const days = found[layer * size + state]!
          return days >= 0 ? days : null
        }
        return { touch: day(0), firm: day(1), set: day(2), varnishSoft: day(3), cured: day(4) }
      }),
  }
}
