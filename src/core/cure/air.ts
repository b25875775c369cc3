import { roomSpeed } from './climate.ts'
import type { Climate } from './climate.ts'
import type { Column } from './column.ts'
import { paceSteps, paceTable } from './pace.ts'

/** Oxygen in a column, and what it does; arrays made once for the whole solve, one entry a cell. */
export interface Air {
  /** How fast a cell takes up the oxygen it has, per day. */
  readonly uptake: Float64Array
  /** What a cell has of the oxygen in the cell above it; its entry is one further on. */
  readonly share: Float64Array
  /** Of each film: its pace over its cured fraction. */
  readonly tables: readonly Float64Array[]
  readonly perDay: number
  readonly um2PerDay: number
}

export function airIn({ dz, drying }: Column, climate: Climate): Air {
  const cells = dz.length
  return {
    uptake: new Float64Array(cells),
    share: new Float64Array(cells + 1),
    tables: drying.map(paceTable),
    ...roomSpeed(climate),
  }
}

/**
 * What every cell has and takes up of oxygen at these cured fractions: a tridiagonal system, eliminated from the ground
 * up while each cell's resistance and pace are found. Nothing flows in at the ground, the surface has 1.
 */
export function settle(column: Column, air: Air, x: Float64Array): void {
  const { dz, q, first, count, passage, inert } = column
  const { uptake, share, perDay, um2PerDay } = air
  // Under the lowest cell is one that lets nothing through.
  let half = Infinity
  let sink = 1
  let below = 0
  for (let layer = 0; layer < count.length; layer++) {
    const end = first[layer]! + count[layer]!
    const table = air.tables[layer]!
    const isInert = inert[layer]!
    const oil = q[layer]!
    const passes = isInert ? (2 * um2PerDay) / passage[layer]! : 2 * um2PerDay * passage[layer]! * oil
    for (let i = first[layer]!; i < end; i++) {
      let k = 0
      let takes = 0
      let resists: number
      if (isInert) resists = dz[i]! / passes
      else {
        const cured = x[i]!
        const u = 1 - cured
        const place = cured * paceSteps
        const step = place | 0
        const from = table[step]!
        k = perDay * (from + (place - step) * (table[step + 1]! - from))
        takes = oil * k * u * u * u * dz[i]!
        resists = dz[i]! / (passes * (1 - 0.7 * cured))
      }
      uptake[i] = k
      const link = 1 / (half + resists)
      const had = link / (sink + below + link)
      share[i] = had
      below = link * (1 - had)
      half = resists
      sink = takes
    }
  }
  const { filled } = column
  const link = 1 / half
  share[filled] = link / (sink + below + link)
  let above = 1
  for (let i = filled - 1; i >= 0; i--) {
    above *= share[i + 1]!
    uptake[i] = uptake[i]! * above
  }
}

/** The fastest any cell cures, per day. */
export function fastestIn({ filled }: Column, { uptake }: Air, x: Float64Array): number {
  let fastest = 0
  for (let i = 0; i < filled; i++) {
    const u = 1 - x[i]!
    const now = uptake[i]! * u * u * u
    if (now > fastest) fastest = now
  }
  return fastest
}

/** du/dt = -K c u³ in closed form over `dt`, from `x` into `into`, at what was settled. */
export function advance(
  { filled }: Column,
  { uptake }: Air,
  x: Float64Array,
  dt: number,
  into: Float64Array,
): void {
  for (let i = 0; i < filled; i++) {
    const u = 1 - x[i]!
    into[i] = 1 - 1 / Math.sqrt(1 / (u * u) + 2 * uptake[i]! * dt)
  }
}
