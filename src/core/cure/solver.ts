import { referenceClimate, roomSpeed } from './climate.ts'
import type { Climate } from './climate.ts'
import { cellCounts, emptyColumn, lay, profileOf, readProfile, take } from './column.ts'
import type { Column, CureLayer } from './column.ts'
import { logPace } from './pace.ts'
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
  const air = airOf(column, climate)
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
  let steps = 0
  while (day < untilDay && layers.length > 0) {
    air.settle(column.x)
    const fastest = air.fastest(column.x)
    const next = Math.min(
      untilDay,
      layers[laid]?.appliedDay ?? Infinity,
      removals[removal]?.day ?? Infinity,
      snapshotDays[snapshots.length] ?? Infinity,
    )
    const dt = Math.min(longestStepDays, largestStep / fineness / Math.max(fastest, 1e-9), next - day)
    air.advance(column.x, dt / 2, middle)
    air.settle(middle)
    air.advance(column.x, dt, column.x)
    day = next - day - dt < sameMoment ? next : day + dt
    record(dt)
    meetEvents()
    look(day)
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

/** Oxygen in a column, and what it does: the three things the inner loop needs. */
interface Air {
  /** Pace and oxygen of every cell at these cured fractions. */
  readonly settle: (x: Float64Array) => void
  /** The fastest any cell cures, per day. */
  readonly fastest: (x: Float64Array) => number
  /** du/dt = -K c u³ in closed form over `dt`, from `x` into `into`, at what was settled. */
  readonly advance: (x: Float64Array, dt: number, into: Float64Array) => void
}

function airOf(column: Column, climate: Climate): Air {
  const { dz, q, first, count, drying, passage, inert } = column
  const { perDay, um2PerDay } = roomSpeed(climate)
  const pace = new Float64Array(dz.length)
  const oxygen = new Float64Array(dz.length)
  /** Resistance of half a cell, and what it takes up. */
  const half = new Float64Array(dz.length)
  const sink = new Float64Array(dz.length)
  const coupling = new Float64Array(dz.length)

  const setPace = (x: Float64Array): void => {
    for (let layer = 0; layer < count.length; layer++) {
      const end = first[layer]! + count[layer]!
      if (inert[layer]) {
        const resists = passage[layer]! / (2 * um2PerDay)
        for (let i = first[layer]!; i < end; i++) {
          pace[i] = 0
          sink[i] = 0
          half[i] = dz[i]! * resists
        }
        continue
      }
      const { lnRate, lnStart, lnThrough } = drying[layer]!
      const passes = 2 * um2PerDay * passage[layer]!
      let lnPace = 0
      let k = perDay
      for (let i = first[layer]!; i < end; i++) {
        const cured = x[i]!
        const u = 1 - cured
        // Cells on one of the plateaus of the exponent share their pace.
        const here = logPace(lnRate, lnStart, lnThrough, cured)
        if (here !== lnPace) {
          lnPace = here
          k = perDay * Math.exp(here)
        }
        pace[i] = k
        sink[i] = q[i]! * k * u * u * u * dz[i]!
        half[i] = dz[i]! / (passes * q[i]! * (1 - 0.7 * cured))
      }
    }
  }

  /** A tridiagonal system, eliminated from the ground up; nothing flows in at the ground, the surface has 1. */
  const setOxygen = (): void => {
    const { filled } = column
    let below = 0
    for (let i = 0; i < filled; i++) {
      const linkAbove = 1 / (half[i]! + (i + 1 < filled ? half[i + 1]! : 0))
      const share = linkAbove / (sink[i]! + below + linkAbove)
      coupling[i] = share
      below = linkAbove * (1 - share)
    }
    let above = 1
    for (let i = filled - 1; i >= 0; i--) {
      above *= coupling[i]!
      oxygen[i] = above
    }
  }

  return {
    settle: (x) => {
      setPace(x)
      setOxygen()
    },
    fastest: (x) => {
      let fastest = 0
      for (let i = 0; i < column.filled; i++) {
        const u = 1 - x[i]!
        const now = pace[i]! * oxygen[i]! * u * u * u
        if (now > fastest) fastest = now
      }
      return fastest
    },
    advance: (x, dt, into) => {
      for (let i = 0; i < column.filled; i++) {
        const u = 1 - x[i]!
        into[i] = 1 - 1 / Math.sqrt(1 / (u * u) + 2 * pace[i]! * oxygen[i]! * dt)
      }
    },
  }
}

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
      readProfile(column, layer, profile)
      if (open[layer] === 0) return profile.mean
      for (let state = 0; state < size; state++) {
        const at = layer * size + state
        if (found[at]! >= 0) continue
        const now = reached[stateIds[state]!](profile)
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
