import { clamp } from '../clamp.ts'
import { solveCure } from '../cure/solver.ts'
import type { CureLayer } from '../cure/column.ts'
import type { CureSolution, SolverOptions } from '../cure/solver.ts'
import type { Climate } from '../cure/climate.ts'
import { defaultLimits, levelOf } from '../practice/limits.ts'
import type { Limit } from '../practice/limits.ts'
import type { Verdict } from '../severity.ts'

export interface MismatchLayer extends CureLayer {
  /** Null (no fat) counts as 0.5. */
  readonly flex: number | null
}

/** How badly an upper layer fits one under it, over what it tolerates. `later` null: the upper never sets. */
export interface MismatchPair {
  readonly lower: number
  readonly upper: number
  readonly slip: number
  readonly later: number | null
}

export interface Mismatch {
  readonly pairs: readonly MismatchPair[]
  /** Largest of all pairs; null when a layer will not harden. */
  readonly mismatch: number | null
  readonly verdict: Verdict
}

/** Days after the newest layer over which movement is followed. */
export const mismatchHorizonDays = 1500

/** A shrinking film's movement, as a strain, at cured fraction x. */
const movement = (q: number, x: number): number => 0.05 * q * clamp((x - 0.35) / 0.65, 0, 1)

/** True where two layers went on so close together, the lower still so wet, that they dry as one film. */
export const wetInWet = (daysBetween: number, lowerCured: number): boolean =>
  daysBetween <= 1 && lowerCured < 0.15

/** Mean cured fraction of a layer at a day, read off a solution. */
export function curedAt({ days, mean }: CureSolution, layer: number, day: number): number {
  let low = 0
  let high = days.length - 1
  if (high < 0 || day <= days[0]!) return mean[layer]?.[0] ?? 0
  while (high - low > 1) {
    const middle = (low + high) >> 1
    if (days[middle]! <= day) low = middle
    else high = middle
  }
  const along = clamp((day - days[low]!) / Math.max(1e-12, days[high]! - days[low]!), 0, 1)
  return mean[layer]![low]! * (1 - along) + mean[layer]![high]! * along
}

/**
 * Mismatch of every pair of layers (model; science.md, Mismatch), from a solution that reaches the horizon.
 * @param from the lowest layer that is asked how it fits those under it
 */
export function mismatchOf(layers: readonly MismatchLayer[], solution: CureSolution, from = 1): Mismatch {
  const pairs: MismatchPair[] = []
  for (let upper = Math.max(1, from); upper < layers.length; upper++) {
    const moves = movesOf(layers[upper]!, solution, upper)
    for (let lower = 0; lower < upper; lower++) pairs.push(pairOf(layers, solution, lower, upper, moves))
  }
  const all = pairs.flatMap(({ slip, later }) => [slip, later])
  const mismatch = all.includes(null) ? null : Math.max(0, ...(all as number[]))
  return { pairs, mismatch, verdict: mismatchVerdict(mismatch) }
}

/** Null will not harden, and is unsound by any limit. */
export const mismatchVerdict = (mismatch: number | null, limit: Limit = defaultLimits.mismatch): Verdict =>
  mismatch === null ? 'unsound' : (levelOf('mismatch', limit, mismatch) ?? 'sound')

/** The larger of a pair's two movements; null: the upper will not harden. */
export const worstOf = ({ slip, later }: MismatchPair): number | null =>
  later === null ? null : Math.max(slip, later)

/** The steps of a solution in which a film shrinks, and by how much, as a strain. */
interface Moves {
  readonly steps: readonly number[]
  readonly moved: readonly number[]
}

function movesOf({ q }: MismatchLayer, { days, mean }: CureSolution, layer: number): Moves {
  const cured = mean[layer]!
  const steps: number[] = []
  const moved: number[] = []
  let was = movement(q, cured[0] ?? 0)
  for (let step = 1; step < days.length; step++) {
    const is = movement(q, cured[step]!)
    if (is > was) {
      steps.push(step)
      moved.push(is - was)
    }
    was = is
  }
  return { steps, moved }
}

function pairOf(
  layers: readonly MismatchLayer[],
  solution: CureSolution,
  lower: number,
  upper: number,
  { steps, moved }: Moves,
): MismatchPair {
  const under = layers[lower]!
  const over = layers[upper]!
  if (!(over.rate > 0) || !(under.rate > 0)) return { lower, upper, slip: 0, later: 0 }
  if (wetInWet(over.appliedDay - under.appliedDay, curedAt(solution, lower, over.appliedDay)))
    return { lower, upper, slip: 0, later: 0 }
  const { days } = solution
  const end = Math.min(solution.gone[lower] ?? Infinity, solution.gone[upper] ?? Infinity)
  const weight = Math.min(1, (2 * under.thicknessUm) / (under.thicknessUm + over.thicknessUm))
  const scale = weight / (0.015 * (over.flex ?? 0.5))
  const xOver = solution.mean[upper]!
  const xUnder = solution.mean[lower]!
  let slip = 0
  for (let at = 0; at < steps.length && days[steps[at]!]! <= end; at++) {
    const step = steps[at]!
    const ahead = (xOver[step]! + xOver[step - 1]! - xUnder[step]! - xUnder[step - 1]!) / 2
    slip += moved[at]! * clamp(ahead / 0.25, 0, 1)
  }
  const setDays = solution.layers[upper]!.set
  if (setDays === null) return { lower, upper, slip: slip * scale, later: end < Infinity ? 0 : null }
  const setDay = over.appliedDay + setDays
  const toGo = (layer: number, q: number): number =>
    movement(q, curedAt(solution, layer, Math.max(end, setDay))) -
    movement(q, curedAt(solution, layer, setDay))
  return {
    lower,
    upper,
    slip: slip * scale,
    later: scale * Math.max(0, toGo(lower, under.q) - toGo(upper, over.q)),
  }
}

/** Solves a stack to the horizon; null when `onProgress` stopped it. */
export const solveToHorizon = (
  layers: readonly CureLayer[],
  climate?: Climate,
  options?: SolverOptions,
): CureSolution | null =>
  solveCure(layers, (layers.at(-1)?.appliedDay ?? 0) + mismatchHorizonDays, climate, options)
