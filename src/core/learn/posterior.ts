import { clamp } from '../clamp.ts'
import { spreadOf, thinFilmSpread } from '../cure/forecast.ts'
import { intervalChance } from './intervalChance.ts'
import { ownSpread, priorOf, sharesOf } from './interval.ts'
import type { Interval } from './interval.ts'

/** How likely it is, after checks, that films differ so from the book: its height, and how it slopes and bends. */

/** A further state of a film tells half as much as the first. */
const furtherWeight = 0.5

/** An interval as bounds on the sum of some unknowns. */
interface Observation {
  readonly places: readonly number[]
  readonly shares: readonly number[]
  readonly low: number
  readonly high: number
  readonly sigma: number
  readonly weight: number
}

/** Of the intervals that bound anything, by the places of their parts among these names; of others nothing is counted. */
export function observationsIn(
  intervals: readonly Interval[],
  names: readonly string[],
): readonly Observation[] {
  const places = new Map(names.map((name, at) => [name, at]))
  return intervals.flatMap((interval): readonly Observation[] => {
    const { bookDays, failDays, passDays, thicknessUm, isFirst } = interval
    const known = sharesOf(interval).filter(([name]) => places.has(name))
    const low = failDays === null ? -Infinity : lnOver(failDays, bookDays)
    const high = passDays === null ? Infinity : lnOver(passDays, bookDays)
    if (!(low < high) || (low === -Infinity && high === Infinity)) return []
    return [
      {
        places: known.map(([name]) => places.get(name)!),
        shares: known.map(([, share]) => share),
        low,
        high,
        sigma: (ownSpread * spreadOf(thicknessUm)) / thinFilmSpread,
        weight: isFirst ? 1 : furtherWeight,
      },
    ]
  })
}

/** ln of one number of days over another, kept where it can be reckoned with. */
const lnOver = (days: number, book: number): number => clamp(Math.log(days / book), -12, 12)

const sumAt = (at: readonly number[], { places, shares }: Observation): number =>
  places.reduce((sum, place, one) => sum + at[place]! * shares[one]!, 0)

/** ln of the posterior, up to a constant. */
export const heightAt = (
  at: readonly number[],
  names: readonly string[],
  observations: readonly Observation[],
): number =>
  observations.reduce(
    (sum, one) => sum + one.weight * chanceAt(at, one).ln,
    -at.reduce((sum, value, place) => sum + (value / priorOf(names[place]!)) ** 2, 0) / 2,
  )

function chanceAt(at: readonly number[], observation: Observation) {
  const { low, high, sigma } = observation
  const sum = sumAt(at, observation)
  return intervalChance((low - sum) / sigma, (high - sum) / sigma)
}

/** A gradient, and a downward bend (minus the Hessian). */
export interface Slope {
  readonly slope: number[]
  readonly bend: number[][]
}

/** Of the posterior. */
export function slopeAt(
  at: readonly number[],
  names: readonly string[],
  observations: readonly Observation[],
): Slope {
  const precisions = names.map((name) => 1 / priorOf(name) ** 2)
  const slope = at.map((value, place) => -precisions[place]! * value)
  const bend = precisions.map((precision, row) =>
    precisions.map((_, column) => (row === column ? precision : 0)),
  )
  for (const one of observations) pull({ slope, bend }, at, one, 1)
  return { slope, bend }
}

/** Adds what an observation does to them, so many times: -1 takes it away. */
export function pull({ slope, bend }: Slope, at: readonly number[], one: Observation, times: number): void {
  const chance = chanceAt(at, one)
  const pulls = (times * one.weight * chance.slope) / one.sigma
  const holds = (-times * one.weight * chance.curve) / one.sigma ** 2
  one.places.forEach((place, index) => {
    const share = one.shares[index]!
    slope[place]! += pulls * share
    one.places.forEach((beside, other) => {
      bend[place]![beside]! += holds * share * one.shares[other]!
    })
  })
}
