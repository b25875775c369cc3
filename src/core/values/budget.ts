import { lightnessOf, lightOf } from './lightness.ts'

/** Light in one place, told as Y or as L*. */
export type Light = { readonly Y: number } | { readonly L: number }
export interface Value {
  readonly Y: number
  readonly L: number
}

export interface ValueBudget {
  readonly endY: number
  readonly endL: number
  /** After each glaze. */
  readonly steps: readonly Value[]
  /** How light it must begin to end as wished; null: no end is wished, or no white is so light. */
  readonly neededStartY: number | null
  readonly neededStartL: number | null
}

/** No paint throws back more. */
const lightestY = 0.9

const valueOf = (Y: number): Value => ({ Y, L: lightnessOf(Y) })
const yOf = (light: Light): number => ('Y' in light ? light.Y : lightOf(light.L))

/**
 * What glazes do to the light under them: each is gone through twice, Y = Y0 Π t² (reckonings.md, Glaze value budget). Opaque
 * pigment in a glaze scatters, and voids it.
 */
export function valueBudget(start: Light, transmittances: readonly number[], end?: Light): ValueBudget {
  const steps: Value[] = []
  let y = yOf(start)
  for (const t of transmittances) steps.push(valueOf((y *= t * t)))
  const through = transmittances.reduce((product, t) => product * t * t, 1)
  const needed = end ? yOf(end) / through : null
  const isReachable = needed !== null && needed <= lightestY
  return {
    endY: y,
    endL: lightnessOf(y),
    steps,
    neededStartY: isReachable ? needed : null,
    neededStartL: isReachable ? lightnessOf(needed) : null,
  }
}

/** What one pass of a glaze lets through, from a swatch of it over white and that white: t = √(Y over / Y white). */
export const transmittanceOf = (overWhite: number, white: number): number => Math.sqrt(overWhite / white)

/** A sunken surface scatters so much light back over everything. */
export const dullAdds = 0.04

/** Linear red, green and blue, 0..1. */
export type Rgb = readonly [number, number, number]

/** What a glaze leaves of a colour under it: the same per red, green and blue of its own colour over white. */
export const glazedColour = (under: Rgb, overWhite: Rgb, glazes: number): Rgb => {
  const channel = (at: 0 | 1 | 2): number => under[at] * overWhite[at] ** glazes
  return [channel(0), channel(1), channel(2)]
}

/** A picture's own red, green and blue, 0..255, made linear. */
export const linearOf = (channel: number): number => {
  const share = channel / 255
  return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4
}
export const shownOf = (linear: number): number =>
  Math.round(255 * (linear <= 0.0031308 ? 12.92 * linear : 1.055 * linear ** (1 / 2.4) - 0.055))

/** Light of a linear colour. */
export const yOfRgb = ([red, green, blue]: Rgb): number => 0.2126 * red + 0.7152 * green + 0.0722 * blue
