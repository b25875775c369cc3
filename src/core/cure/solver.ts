import { dryingSpeed, referenceClimate } from './climate.ts'
import type { Climate } from './climate.ts'
import { logDryingOf, logPace } from './pace.ts'
import type { Drying } from './pace.ts'
import { reached, stateIds, touchDepthUm } from './states.ts'
import type { CureProfile, StateDays, StateId } from './states.ts'

/** One oil layer as the solver sees it; layers are given bottom first and `appliedDay` never decreases. */
export interface CureLayer extends Drying {
  readonly thicknessUm: number
  readonly q: number
  readonly appliedDay: number
}

export interface CureSolution {
  readonly layers: readonly StateDays[]
  /** Cured fraction over time: `mean[layer][step]` at `days[step]`; 0 before the layer is there. */
  readonly days: readonly number[]
  readonly mean: readonly (readonly number[])[]
}

export interface SolverOptions {
  /** Finer than 1 halves both the cells and the steps at 2. Default 1. */
  readonly fineness?: number
  /** Called now and then with the share of the time done; returning false stops the solve. */
  readonly onProgress?: (share: number) => boolean
}

const cellUm = 25
const fewestCells = 6
const mostCells = 60
/** In a very tall stack the thick layers are cut coarser, so that no stack can hold the machine. */
const mostCellsInAll = 900
const largestStep = 0.02
const longestStepDays = 40

interface Cells {
  readonly of: Uint16Array
  readonly dz: Float64Array
  readonly q: Float64Array
  readonly x: Float64Array
}

/**
 * Oxygen and cure through a stack, by finite volumes: at each step the quasi-steady oxygen profile is solved, then every
 * cell is carried over the step in closed form at the rate of the step's middle (second order in time).
 * Returns null only when `onProgress` stopped it. Source: science.md, Cure.
 */
export function solveCure(
  layers: readonly CureLayer[],
  untilDay: number,
  climate: Climate = referenceClimate,
  options: SolverOptions = {},
): CureSolution | null {
  const fineness = options.fineness ?? 1
  const speed = dryingSpeed(climate)
  const lnSpeed = Math.log(speed.perDay)
  const drying = layers.map(logDryingOf)

  const counts = cellCounts(layers).map((count) => count * fineness)
  const total = counts.reduce((sum, count) => sum + count, 0)
  const cells: Cells = {
    of: new Uint16Array(total),
    dz: new Float64Array(total),
    q: new Float64Array(total),
    x: new Float64Array(total),
  }
  const firstCell: number[] = []
  let filled = 0
  layers.forEach((layer, index) => {
    firstCell.push(filled)
    for (let cell = 0; cell < counts[index]!; cell++, filled++) {
      cells.of[filled] = index
      cells.dz[filled] = layer.thicknessUm / counts[index]!
      cells.q[filled] = Math.max(0.02, layer.q)
    }
  })

  const middle = new Float64Array(total)
  const pace = new Float64Array(total)
  const oxygen = new Float64Array(total)
  const work = new Float64Array(total)

  /** K of each cell at cured fraction x, per day. */
  const setPace = (x: Float64Array, count: number): void => {
    for (let i = 0; i < count; i++) {
      const of = drying[cells.of[i]!]!
      pace[i] = of.inert ? 0 : Math.exp(lnSpeed + logPace(of, x[i]!))
    }
  }

  /** Oxygen in each cell, relative to the surface: a tridiagonal system, solved from the ground up. */
  const setOxygen = (x: Float64Array, count: number): void => {
    const { dz, q } = cells
    let resistanceBelow = 0
    let linkBelow = 0
    for (let i = 0; i < count; i++) {
      const u = 1 - x[i]!
      const half = dz[i]! / (2 * speed.um2PerDay * q[i]! * (1 - 0.7 * x[i]!))
      const sink = q[i]! * pace[i]! * u * u * u * dz[i]!
      if (i > 0) linkBelow = 1 / (resistanceBelow + half)
      // Elimination: what remains of the cell below is carried in work (its coupling) and nothing flows in at the ground.
      const below = i > 0 ? linkBelow * (1 - work[i - 1]!) : 0
      const halfAbove =
        i + 1 < count ? dz[i + 1]! / (2 * speed.um2PerDay * q[i + 1]! * (1 - 0.7 * x[i + 1]!)) : 0
      const linkAbove = 1 / (half + halfAbove)
      work[i] = linkAbove / (sink + below + linkAbove)
      resistanceBelow = half
    }
    let above = 1
    for (let i = count - 1; i >= 0; i--) {
      above *= work[i]!
      oxygen[i] = above
    }
  }

  const states = layers.map(
    () => Object.fromEntries(stateIds.map((id) => [id, null])) as Record<StateId, number | null>,
  )
  const progress = layers.map(
    () => Object.fromEntries(stateIds.map((id) => [id, -1])) as Record<StateId, number>,
  )
  const open = layers.map((): number => stateIds.length)
  const days: number[] = []
  const mean = layers.map((): number[] => [])

  let there = 0
  let day = layers[0]?.appliedDay ?? 0
  let dt = 0.01
  let steps = 0
  const reachNext = (): void => {
    while (there < layers.length && layers[there]!.appliedDay <= day + 1e-9) there++
  }
  const record = (): void => {
    days.push(day)
    for (let layer = 0; layer < layers.length; layer++) {
      if (layer >= there) {
        mean[layer]!.push(0)
        continue
      }
      const profile = profileOf(cells, firstCell[layer]!, counts[layer]!)
      mean[layer]!.push(profile.mean)
      if (open[layer] === 0) continue
      for (const id of stateIds) {
        if (states[layer]![id] !== null) continue
        const now = reached[id](profile)
        const before = progress[layer]![id]
        if (now >= 0) {
          states[layer]![id] = day - layers[layer]!.appliedDay - (dt * now) / (now - before)
          open[layer]!--
        }
        progress[layer]![id] = now
      }
    }
  }

  reachNext()
  dt = 0
  if (layers.length > 0) record()
  while (day < untilDay && layers.length > 0) {
    const count = there < layers.length ? firstCell[there]! : total
    setPace(cells.x, count)
    setOxygen(cells.x, count)
    let fastest = 0
    for (let i = 0; i < count; i++) {
      const u = 1 - cells.x[i]!
      fastest = Math.max(fastest, pace[i]! * oxygen[i]! * u * u * u)
    }
    dt = Math.min(longestStepDays, largestStep / fineness / Math.max(fastest, 1e-9), untilDay - day)
    if (there < layers.length) dt = Math.min(dt, layers[there]!.appliedDay - day)
    advance(cells.x, pace, oxygen, dt / 2, middle, count)
    setPace(middle, count)
    setOxygen(middle, count)
    advance(cells.x, pace, oxygen, dt, cells.x, count)
    day += dt
    reachNext()
    record()
    if (options.onProgress && ++steps % 64 === 0 && !options.onProgress(day / untilDay)) return null
  }
  return { layers: states, days, mean }
}

function cellCounts(layers: readonly CureLayer[]): readonly number[] {
  const wanted = layers.map(({ thicknessUm }) =>
    Math.min(mostCells, Math.max(fewestCells, Math.round(thicknessUm / cellUm))),
  )
  const total = wanted.reduce((sum, count) => sum + count, 0)
  return total <= mostCellsInAll
    ? wanted
    : wanted.map((count) => Math.max(fewestCells, Math.floor((count * mostCellsInAll) / total)))
}

/** du/dt = -K c u³ in closed form over `dt`, from `x` into `into`, at the pace and oxygen already set. */
function advance(
  x: Float64Array,
  pace: Float64Array,
  oxygen: Float64Array,
  dt: number,
  into: Float64Array,
  count: number,
): void {
  for (let i = 0; i < count; i++) {
    const u = 1 - x[i]!
    into[i] = 1 - 1 / Math.sqrt(1 / (u * u) + 2 * pace[i]! * oxygen[i]! * dt)
  }
}

function profileOf({ dz, x }: Cells, first: number, count: number): CureProfile {
  let sum = 0
  let topSum = 0
  let depth = 0
  for (let i = first + count - 1; i >= first; i--) {
    const felt = Math.max(0, Math.min(dz[i]!, touchDepthUm - depth))
    topSum += x[i]! * felt
    depth += dz[i]!
    sum += x[i]!
  }
  return { top: topSum / Math.min(depth, touchDepthUm), mean: sum / count, bottom: x[first]! }
}
