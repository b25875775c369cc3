/** A percentage says of what. A share f of the mix is g = f/(1 - f) on the paint; the ratio medium : paint is 1 : 1/g. */

export const onPaintOf = (ofMix: number): number => ofMix / (1 - ofMix)
export const ofMixOf = (onPaint: number): number => onPaint / (1 + onPaint)

/** Paint to one part of medium, at this share of the mix. */
export const paintPerPart = (ofMix: number): number => (1 - ofMix) / ofMix

/** Rounded down to two figures: a limit never rounds up into what it forbids. */
export function roundedDown(value: number, figures = 3): number {
  if (!(value > 0)) return 0
  const step = 10 ** (Math.floor(Math.log10(value)) - figures + 1)
  return Number((Math.floor(value / step + 1e-9) * step).toPrecision(figures + 1))
}
