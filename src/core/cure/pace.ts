/** What a layer's material does to the pace of drying as it cures (science.md, Cure: rate to the e(x), driers). */
export interface Drying {
  /** Drying speed, raw linseed = 1; 0: no fat in it, takes no part in drying. */
  readonly rate: number
  /** What driers do to the start of drying, and to its going through, as factors. */
  readonly start?: number
  readonly through?: number
}

export interface LogDrying {
  readonly lnRate: number
  readonly lnStart: number
  readonly lnThrough: number
}

export const logDryingOf = ({ rate, start = 1, through = 1 }: Drying): LogDrying => ({
  lnRate: rate > 0 ? Math.log(rate) : 0,
  lnStart: Math.log(start),
  lnThrough: Math.log(through),
})

/**
 * ln of the pace relative to raw linseed at cured fraction x: fast materials hurry the start more than the end, slow ones
 * hold back the middle.
 */
export function logPace(lnRate: number, lnStart: number, lnThrough: number, x: number): number {
  const late = ramp(x, 0.6, 0.25)
  const begun = ramp(x, 0.3, 0.1)
  const exponent = lnRate >= 0 ? 1 - 0.7 * ramp(x, 0.2, 0.65) : 1 + 0.5 * begun - late
  return exponent * lnRate + (1 - begun) * lnStart + begun * (1 - late / 2) * lnThrough
}

/** So many steps of the cured fraction lie between two entries of a pace table; every kink of `logPace` lies on one. */
export const paceSteps = 200

/**
 * The pace relative to raw linseed at every step of the cured fraction from 0 to 1. Read off in straight lines it is within
 * 0.05 % of `logPace`, and no exponential is taken in the loop that asks most.
 */
export function paceTable({ lnRate, lnStart, lnThrough }: LogDrying): Float64Array {
  // One more than the last, so that reading between two needs no question.
  const table = new Float64Array(paceSteps + 2)
  for (let step = 0; step < table.length; step++)
    table[step] = Math.exp(logPace(lnRate, lnStart, lnThrough, step / paceSteps))
  return table
}

const ramp = (x: number, from: number, width: number): number =>
  x <= from ? 0 : x >= from + width ? 1 : (x - from) / width
