import type { Rgb } from './budget.ts'

/** CIE Lab under D65, from light as it is (0..1 a channel), and a photograph set right by a grey card in it. */

interface LabColour {
  readonly L: number
  readonly a: number
  readonly b: number
}

const white = [0.95047, 1, 1.08883] as const
const bend = (t: number): number => (t > 216 / 24389 ? Math.cbrt(t) : ((24389 / 27) * t + 16) / 116)

export function labOf([r, g, b]: Rgb): LabColour {
  const [x, y, z] = [
    0.4124564 * r + 0.3575761 * g + 0.1804375 * b,
    0.2126729 * r + 0.7151522 * g + 0.072175 * b,
    0.0193339 * r + 0.119192 * g + 0.9503041 * b,
  ]
  const [fx, fy, fz] = [bend(x / white[0]), bend(y / white[1]), bend(z / white[2])]
  return { L: 116 * fy - 16, a: 500 * (fx - fy), b: 200 * (fy - fz) }
}

/** A grey card reflects so much of the light. */
const greyCard = 0.18

/** A patch of a photograph as it would be under white light, by the grey card beside it; light, each channel by itself. */
export const setRightByGrey = (patch: Rgb, grey: Rgb): Rgb =>
  patch.map((channel, at) => Math.min(1, (channel * greyCard) / Math.max(1e-4, grey[at]!))) as unknown as Rgb
