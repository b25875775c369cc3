/**
 * The chance that a standard normal lies between two places, by its logarithm and how that changes as both are moved to the
 * left together. Exact far out on either side, where the chance itself is too small to be told from nothing.
 */
export interface IntervalChance {
  readonly ln: number
  /** First and second derivative of `ln` by a shift of the normal's middle. */
  readonly slope: number
  readonly curve: number
}

const lnRootTwoPi = Math.log(2 * Math.PI) / 2
/** Narrower than this the density is the same throughout. */
const narrow = 1e-4

/** @param low -Infinity where nothing bounds it below; @param high Infinity likewise; low < high. */
export function intervalChance(low: number, high: number): IntervalChance {
  if (high - low < narrow) {
    const middle = (low + high) / 2
    return { ln: Math.log(high - low) - (middle * middle) / 2 - lnRootTwoPi, slope: middle, curve: -1 }
  }
  if (high <= 0) {
    const mirrored = intervalChance(-high, -low)
    return { ...mirrored, slope: -mirrored.slope }
  }
  return low > 0 ? aboveTheMiddle(low, high) : acrossTheMiddle(low, high)
}

const density = (z: number): number => Math.exp((-z * z) / 2 - lnRootTwoPi)
/** z times the density, 0 at either end of the world. */
const moment = (z: number): number => (Number.isFinite(z) ? z * density(z) : 0)
const above = (z: number): number => (z === Infinity ? 0 : density(z) * tailOverDensity(z))

function acrossTheMiddle(low: number, high: number): IntervalChance {
  const chance = 1 - above(high) - above(-low)
  const slope = (density(low) - density(high)) / chance
  return { ln: Math.log(chance), slope, curve: (moment(low) - moment(high)) / chance - slope * slope }
}

/** Everything as a multiple of the density at the lower end. */
function aboveTheMiddle(low: number, high: number): IntervalChance {
  const end = high === Infinity ? 0 : Math.exp((low * low - high * high) / 2)
  const chance = tailOverDensity(low) - (end > 0 ? end * tailOverDensity(high) : 0)
  const slope = (1 - end) / chance
  const curve = (low - (end > 0 ? end * high : 0)) / chance - slope * slope
  return { ln: Math.log(chance) - (low * low) / 2 - lnRootTwoPi, slope, curve }
}

/** What lies above z >= 0 over the density there, within two parts in ten million (a Chebyshev fit of erfc). */
function tailOverDensity(z: number): number {
  const t = 2 / (2 + z / Math.SQRT2)
  const fit = tailFit.reduceRight((sum, coefficient) => sum * t + coefficient, 0)
  return (t * Math.exp(fit) * Math.sqrt(2 * Math.PI)) / 2
}

const tailFit = [
  -1.26551223, 1.00002368, 0.37409196, 0.09678418, -0.18628806, 0.27886807, -1.13520398, 1.48851587,
  -0.82215223, 0.17087277,
] as const
