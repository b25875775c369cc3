import { clamp } from '../clamp.ts'
import { normalBelow } from './normal.ts'
import type { StateId } from './states.ts'

/**
 * What a test of one state says of the others. The ln factors of a layer's state times are joint normal with one
 * correlation between any two, so each is part common pace, part its own (science.md §7). A test bounds its own state's
 * factor; the common pace, and through it the other states, follow.
 */

/** Correlation of the ln times of two different states. */
const correlation = 0.6
const common = Math.sqrt(correlation)
const own = Math.sqrt(1 - correlation)

/** Between which factors a state is, in standard deviations of ln time. */
export interface Bounds {
  readonly low: number
  readonly high: number
}
export const anywhere: Bounds = { low: -Infinity, high: Infinity }

/** The chances of one state's factor, tabulated between two places; outside them it is certain. */
interface Table {
  readonly from: number
  readonly to: number
  readonly chances: Float64Array
}

export interface Linked {
  /** Chance that the state's factor is below z. */
  readonly below: (state: StateId, z: number) => number
  /** The factor it is below with this chance. */
  readonly quantile: (state: StateId, chance: number) => number
}

/**
 * The states of a layer after its tests; each is reckoned when it is first asked about.
 * @param telling what the tests of these states say of the common pace
 * @param held what every state is held to, its place in the order of the states included
 */
export function linkStates(
  telling: ReadonlyMap<StateId, Bounds>,
  held: ReadonlyMap<StateId, Bounds>,
): Linked {
  const tables = new Map<StateId, Table>()
  const tableOf = (state: StateId): Table => {
    const known = tables.get(state)
    if (known) return known
    const made = tabulated(state, telling, held.get(state) ?? anywhere)
    tables.set(state, made)
    return made
  }
  return {
    below: (state, z) => {
      const { from, to, chances } = tableOf(state)
      const place = clamp((z - from) / (to - from), 0, 1) * pieces
      const at = Math.min(pieces - 1, Math.floor(place))
      return chances[at]! + (place - at) * (chances[at + 1]! - chances[at]!)
    },
    quantile: (state, chance) => {
      const { from, to, chances } = tableOf(state)
      let [low, high] = [0, pieces]
      while (high - low > 1) {
        const middle = (low + high) >> 1
        if (chances[middle]! <= chance) low = middle
        else high = middle
      }
      const rise = chances[high]! - chances[low]!
      const along = rise > 0 ? clamp((chance - chances[low]!) / rise, 0, 1) : 0
      return from + ((to - from) * (low + along)) / pieces
    },
  }
}

const pieces = 64
/** So far from the book, in standard deviations, a chance is tabulated. */
const widest = 5

function tabulated(state: StateId, telling: ReadonlyMap<StateId, Bounds>, { low, high }: Bounds): Table {
  const others = [...telling].filter(([tested]) => tested !== state).map(([, bounds]) => bounds)
  const paces = pacesFor(others)
  const centre = common * paces.centre
  const from = Number.isFinite(low) ? Math.max(centre - widest, low) : Math.min(centre - widest, high - 1)
  const to = Math.max(from + 0.5, Number.isFinite(high) ? Math.min(centre + widest, high) : centre + widest)
  const chances = new Float64Array(pieces + 1)
  for (const { pace, weight } of paces.weighed) {
    // From the nearer end, so that the tails are as exact as the middle.
    const side = (from - common * pace) / own > 0 ? -1 : 1
    const below = (z: number): number => side * normalBelow((side * (z - common * pace)) / own)
    const start = below(from)
    for (let at = 1; at <= pieces; at++)
      chances[at]! += weight * (below(from + ((to - from) * at) / pieces) - start)
  }
  const all = chances[pieces]!
  // So far out that the normal says nothing more: evenly between the bounds.
  return { from, to, chances: chances.map((sum, at) => (all > 1e-30 ? sum / all : at / pieces)) }
}

/** The common pace as the tests leave it: places, each with its weight, and the middle of them. */
function pacesFor(tested: readonly Bounds[]): {
  readonly centre: number
  readonly weighed: readonly { readonly pace: number; readonly weight: number }[]
} {
  const furthest = tested
    .map(({ low, high }) => clamp(0, low, high))
    .reduce((most, one) => (Math.abs(one) > Math.abs(most) ? one : most), 0)
  const centre = common * furthest
  const weighed = Array.from({ length: 21 }, (_, at) => {
    const pace = centre - 4.5 + 0.45 * at
    // Beside the middle's own weight, so that nothing is lost of a middle far out.
    const prior = Math.exp((centre * centre - pace * pace) / 2)
    return { pace, weight: tested.reduce((sum, { low, high }) => sum * between(low, high, pace), prior) }
  })
  return { centre, weighed }
}

/** Chance that a state of this common pace lies between two factors; exact far out on either side. */
function between(low: number, high: number, pace: number): number {
  const [from, to] = [(low - common * pace) / own, (high - common * pace) / own]
  return from > 0 ? normalBelow(-from) - normalBelow(-to) : normalBelow(to) - normalBelow(from)
}
