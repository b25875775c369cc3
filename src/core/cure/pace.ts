/** What a layer's material does to the pace of drying as it cures (science.md, Cure: rate to the e(x), driers). */
export interface Drying {
  readonly rate: number
  readonly start?: number
  readonly through?: number
}

export interface LogDrying {
  /** No fat in it: takes no part in drying. */
  readonly inert: boolean
  readonly lnRate: number
  readonly lnStart: number
  readonly lnThrough: number
}

export const logDryingOf = ({ rate, start = 1, through = 1 }: Drying): LogDrying => ({
  inert: !(rate > 0),
  lnRate: rate > 0 ? Math.log(rate) : 0,
  lnStart: Math.log(start),
  lnThrough: Math.log(through),
})

/** ln of the pace relative to raw linseed at cured fraction x: fast materials hurry the start more than the end. */
export function logPace({ lnRate, lnStart, lnThrough }: LogDrying, x: number): number {
  const late = ramp(x, 0.6, 0.25)
  const exponent = lnRate >= 0 ? 1 - 0.7 * ramp(x, 0.2, 0.65) : 1 + 0.5 * ramp(x, 0.3, 0.1) - late
  const g = ramp(x, 0.3, 0.1)
  return exponent * lnRate + (1 - g) * lnStart + g * (1 - late / 2) * lnThrough
}

const ramp = (x: number, from: number, width: number): number =>
  x <= from ? 0 : x >= from + width ? 1 : (x - from) / width
