import { clamp } from '../clamp.ts'
import { spreadOf, thinFilmSpread } from '../cure/forecast.ts'
import { intervalChance } from './intervalChance.ts'
import { inverseOf, solved } from './matrix.ts'

/**
 * Learning from checks (science.md §7; reckonings.md, Learning). How a film's time compares with the book's, as a natural
 * logarithm, is a sum: the studio's, its oils' by their share, its powders' by theirs. Checks bound it from below and above.
 */

/** Shares by volume, of oil and alkyd, and of powder; an umber with its acting share. */
export interface Dries {
  readonly oils: Readonly<Record<string, number>>
  readonly powders: Readonly<Record<string, number>>
}

/** Between which two days checks found a state of one film reached; null: nothing bounds it there. */
export interface Interval extends Dries {
  readonly thicknessUm: number
  /** What the book says, in the climate that was. */
  readonly bookDays: number
  readonly failDays: number | null
  readonly passDays: number | null
  /** The first state told of this film; further ones say half as much. */
  readonly isFirst: boolean
}

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

export const studioName = 'studio'
export const oilName = (id: string): string => `oil ${id}`
export const powderName = (id: string): string => `powder ${id}`

const prior = { studio: 0.22, part: 0.18 } as const
export const priorOf = (name: string): number => (name === studioName ? prior.studio : prior.part)

/** Spread of one film about what its parts make of it, and of all that can differ together. */
const [ownSpread, wholeSpread] = [0.12, 0.36]
/** A further state of a film tells half as much as the first. */
const furtherWeight = 0.5
const [smallestStep, mostSteps] = [1e-6, 50]

/** An interval as bounds on the sum of some unknowns. */
interface Observation {
  readonly places: readonly number[]
  readonly shares: readonly number[]
  readonly low: number
  readonly high: number
  readonly sigma: number
  readonly weight: number
}

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

const sharesOf = ({ oils, powders }: Dries): readonly (readonly [name: string, share: number])[] => [
  [studioName, 1],
  ...Object.entries(oils).map(([id, share]) => [oilName(id), share] as const),
  ...Object.entries(powders).map(([id, share]) => [powderName(id), share] as const),
]

const namesIn = (intervals: readonly Interval[]): readonly string[] => [
  ...new Set(intervals.flatMap((interval) => sharesOf(interval).map(([name]) => name))),
]

function observationsIn(intervals: readonly Interval[], names: readonly string[]): readonly Observation[] {
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
const heightAt = (
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

/** The gradient of the posterior and its downward bend (minus the Hessian). */
function slopeAt(at: readonly number[], names: readonly string[], observations: readonly Observation[]) {
  const precisions = names.map((name) => 1 / priorOf(name) ** 2)
  const slope = at.map((value, place) => -precisions[place]! * value)
  const bend = precisions.map((precision, row) =>
    precisions.map((_, column) => (row === column ? precision : 0)),
  )
  for (const one of observations) {
    const chance = chanceAt(at, one)
    const pull = (one.weight * chance.slope) / one.sigma
    const hold = (-one.weight * chance.curve) / one.sigma ** 2
    one.places.forEach((place, index) => {
      const share = one.shares[index]!
      slope[place]! += pull * share
      one.places.forEach((beside, other) => {
        bend[place]![beside]! += hold * share * one.shares[other]!
      })
    })
  }
  return { slope, bend }
}
