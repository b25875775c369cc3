/** Light thrown back, Y 0..1, and how light it looks, L* 0..100. */

const linearBelow = 0.008856
const linearTimes = 903.3

/** L* = 116 Y^(1/3) − 16, near black 903.3 Y. */
export const lightnessOf = (y: number): number =>
  y > linearBelow ? 116 * Math.cbrt(y) - 16 : linearTimes * y

export function lightOf(lightness: number): number {
  const cubed = ((lightness + 16) / 116) ** 3
  return cubed > linearBelow ? cubed : lightness / linearTimes
}

/** The painter's ten-step grey scale: 0 black to 10 white, even to the eye. */
export const stepOfScale = (y: number): number => lightnessOf(y) / 10
/** The light of a step of that scale. */
export const lightOfStep = (step: number): number => lightOf(10 * step)
