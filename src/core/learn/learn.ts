import { spreadOf } from '../cure/forecast.ts'
import { ownSpread, priorOf, sharesOf } from './interval.ts'
import type { Dries, Interval } from './interval.ts'
import { inverseOf, solved } from './matrix.ts'
import { heightAt, observationsIn, slopeAt } from './posterior.ts'

/**
 * Learning from checks (science.md §7; reckonings.md, Learning). How a film's time compares with the book's, as a natural
 * logarithm, is a sum: the studio's, its oils' by their share, its powders' by theirs. Checks bound it from below and above.
 */

/** What is known, a plain value: names of what was checked, how each differs from the book, and how they hang together. */
export interface Learnt {
  readonly names: readonly string[]
  /** ln of the factor on the book's time. */
  readonly ln: readonly number[]
  readonly covariance: readonly (readonly number[])[]
}

/** ln of a factor on the book's time, and how sure it is. */
export interface Factor {
  readonly ln: number
  readonly sd: number
}

export const nothingLearnt: Learnt = { names: [], ln: [], covariance: [] }

/** Spread of all that can differ together, sd of ln time. */
const wholeSpread = 0.36
const [smallestStep, mostSteps] = [1e-6, 50]

/**
 * What these checks say together: the mode of the posterior by Newton, and its covariance by Laplace.
 * @param near what is known of nearly the same checks: it is found sooner from there
 */
export function learn(intervals: readonly Interval[], near: Learnt = nothingLearnt): Learnt {
  const names = namesIn(intervals)
  if (names.length === 0) return nothingLearnt
  const observations = observationsIn(intervals, names)
  let at = names.map((name) => knownOf(near, name).ln)
  let height = heightAt(at, names, observations)
  for (let step = 0; step < mostSteps; step++) {
    const { slope, bend } = slopeAt(at, names, observations)
    const wanted = solved(bend, slope)
    const [next, reached] = risen(at, wanted, height, (place) => heightAt(place, names, observations))
    const moved = Math.max(...next.map((value, one) => Math.abs(value - at[one]!)))
    at = next
    height = reached
    if (moved < smallestStep) break
  }
  return { names, ln: at, covariance: inverseOf(slopeAt(at, names, observations).bend) }
}

/** The step, halved until it leads upwards. */
function risen(
  at: readonly number[],
  step: readonly number[],
  height: number,
  heightOf: (place: readonly number[]) => number,
): [number[], number] {
  for (let share = 1; share > smallestStep; share /= 2) {
    const next = at.map((value, one) => value + share * step[one]!)
    const reached = heightOf(next)
    if (reached >= height) return [next, reached]
  }
  return [[...at], height]
}

/** The factor of a film on the book's time: what is not known yet is as the book has it, by its prior. */
export function factorOf(learnt: Learnt, dries: Dries): Factor {
  const shares = sharesOf(dries)
  let [ln, variance] = [0, 0]
  for (const [name, share] of shares) {
    const place = learnt.names.indexOf(name)
    if (place < 0) {
      variance += (share * priorOf(name)) ** 2
      continue
    }
    ln += share * learnt.ln[place]!
    for (const [other, otherShare] of shares) {
      const beside = learnt.names.indexOf(other)
      if (beside >= 0) variance += share * otherShare * learnt.covariance[place]![beside]!
    }
  }
  return { ln, sd: Math.sqrt(Math.max(0, variance)) }
}

/** How one name differs from the book. */
export function knownOf({ names, ln, covariance }: Learnt, name: string): Factor {
  const place = names.indexOf(name)
  return place < 0
    ? { ln: 0, sd: priorOf(name) }
    : { ln: ln[place]!, sd: Math.sqrt(covariance[place]![place]!) }
}

/** Spread of ln time of a film so thick, once its factor is known this well. */
export const learntSpread = (thicknessUm: number, { sd }: Factor): number =>
  (spreadOf(thicknessUm) / wholeSpread) * Math.sqrt(sd * sd + ownSpread * ownSpread)

const namesIn = (intervals: readonly Interval[]): readonly string[] => [
  ...new Set(intervals.flatMap((interval) => sharesOf(interval).map(([name]) => name))),
]
