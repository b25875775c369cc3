import { passageOf } from './climate.ts'
import { logDryingOf } from './pace.ts'
import type { Drying, LogDrying } from './pace.ts'
import { touchDepthUm } from './states.ts'
import type { CureProfile } from './states.ts'

/** A film as the cure solver sees it; films are given bottom first and `appliedDay` never decreases. */
export interface CureLayer extends Drying {
  readonly thicknessUm: number
  /** (oil + alkyd) over the dry volume, as drinking left it: what takes up oxygen. */
  readonly q: number
  readonly appliedDay: number
  /** Of a film that takes no part in drying: how many times its thickness of cured oil it hinders. Default: not at all. */
  readonly hinders?: number
  /** What was taken off it, in order. Only the film on top can lose anything. */
  readonly removed?: readonly Taken[]
}

/** From this day on the upper `takes` share (0..1) of what a film has left is gone. */
export interface Taken {
  readonly day: number
  readonly takes: number
}

/** The films that are there, cut into cells from the ground up, in arrays made once for the whole solve. */
export interface Column {
  readonly dz: Float64Array
  /** Cured fraction, 0..1. */
  readonly x: Float64Array
  /** Of each film: its first cell, and how many it has; none before it is applied and after it is gone. */
  readonly first: Int32Array
  readonly count: Int32Array
  readonly drying: readonly LogDrying[]
  /** Of each film: what takes up oxygen, as a share of it. */
  readonly q: Float64Array
  /** Of each film: what it does to the passage of oxygen; of one that takes no part, its resistance for its thickness. */
  readonly passage: Float64Array
  readonly inert: readonly boolean[]
  /** Cells in use. */
  filled: number
}

const cellUm = 25
const fewestCells = 6
const mostCells = 60
/** In a very tall stack the thick layers are cut coarser, so that no stack can hold the machine. */
const mostCellsInAll = 900
/** A film of pigment and little else still takes up this much. */
const leastQ = 0.02
/** What lets nothing be felt of it, as a number. */
const leastResistance = 1e-6
const permeabilityOfCured = 0.3

/** How many cells each film is cut into. */
export function cellCounts(layers: readonly CureLayer[], fineness: number): readonly number[] {
  const wanted = layers.map(({ thicknessUm }) =>
    Math.min(mostCells, Math.max(fewestCells, Math.round(thicknessUm / cellUm))),
  )
  const total = wanted.reduce((sum, count) => sum + count, 0)
  const cut =
    total <= mostCellsInAll
      ? wanted
      : wanted.map((count) => Math.max(fewestCells, Math.floor((count * mostCellsInAll) / total)))
  return cut.map((count) => count * fineness)
}

export const emptyColumn = (layers: readonly CureLayer[], cells: number): Column => ({
  dz: new Float64Array(cells),
  x: new Float64Array(cells),
  first: new Int32Array(layers.length),
  count: new Int32Array(layers.length),
  drying: layers.map(logDryingOf),
  q: Float64Array.from(layers, ({ q }) => Math.max(leastQ, q)),
  passage: Float64Array.from(layers, ({ rate, hinders = 0 }) =>
    rate > 0 ? passageOf(rate) : Math.max(leastResistance, hinders / permeabilityOfCured),
  ),
  inert: layers.map(({ rate }) => !(rate > 0)),
  filled: 0,
})

/** Puts a film on top, fresh. */
export function lay(column: Column, at: number, { thicknessUm }: CureLayer, count: number): void {
  column.first[at] = column.filled
  column.count[at] = count
  for (let cell = 0; cell < count; cell++, column.filled++) {
    column.dz[column.filled] = thicknessUm / count
    column.x[column.filled] = 0
  }
}

/** Takes the upper share off the film on top; what is left keeps the cure it had at each depth. */
export function take(column: Column, at: number, share: number): void {
  const { dz, first, count } = column
  const from = first[at]!
  let whole = 0
  for (let cell = from; cell < from + count[at]!; cell++) whole += dz[cell]!
  let left = whole * (1 - share)
  let cells = 0
  while (cells < count[at]! && left > 1e-9 * whole) {
    dz[from + cells] = Math.min(dz[from + cells]!, left)
    left -= dz[from + cells]!
    cells++
  }
  count[at] = cells
  column.filled = from + cells
}

/** Mean cured fraction of a film. */
export function meanOf({ dz, x, first, count }: Column, at: number): number {
  const bottom = first[at]!
  const end = bottom + count[at]!
  let depth = 0
  let sum = 0
  for (let i = bottom; i < end; i++) {
    sum += x[i]! * dz[i]!
    depth += dz[i]!
  }
  return sum / depth
}

/** The same of what a finger feels of it: its upper `touchDepthUm`, or all of a thinner film. */
function topOf({ dz, x, first, count }: Column, at: number): number {
  const bottom = first[at]!
  let depth = 0
  let sum = 0
  for (let i = bottom + count[at]! - 1; i >= bottom && depth < touchDepthUm; i--) {
    const felt = Math.min(dz[i]!, touchDepthUm - depth)
    sum += x[i]! * felt
    depth += felt
  }
  return sum / depth
}

/** Reads how far a film has come into `profile`. */
export function readProfile(column: Column, at: number, profile: CureProfile): void {
  profile.top = topOf(column, at)
  profile.mean = meanOf(column, at)
  profile.bottom = column.x[column.first[at]!]!
}

/** Cured fraction of every cell of a film, from its bottom to its surface; null where it is gone. */
export const profileOf = ({ x, first, count }: Column, at: number): readonly number[] | null =>
  count[at]! > 0 ? [...x.subarray(first[at], first[at]! + count[at]!)] : null
