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

/** A sunken surface scatters so much light back over everything: what is seen there is lighter than it is. */
const dullAdds = 0.04

/** The same, as a dull surface shows it before and after: what is read, wished and answered is what is seen. */
export function valueBudgetAsSeen(
  start: number,
  transmittances: readonly number[],
  end: number,
  isDull: boolean,
): ValueBudget {
  const added = isDull ? dullAdds : 0
  const really = (seen: number): number => Math.max(0, seen - added)
  const budget = valueBudget({ Y: really(start) }, transmittances, { Y: really(end) })
  const seen = (y: number): Value => valueOf(y + added)
  const needed = budget.neededStartY === null ? null : seen(budget.neededStartY)
  return {
    endY: seen(budget.endY).Y,
    endL: seen(budget.endY).L,
    steps: budget.steps.map(({ Y }) => seen(Y)),
    neededStartY: needed?.Y ?? null,
    neededStartL: needed?.L ?? null,
  }
}

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

/** A colour of its own hue, so strong that its light is that of a glaze that lets t through. */
export function tintedTo(own: Rgb, t: number): Rgb {
  const held = own.map((channel) => Math.max(darkest, channel))
  const [red, green, blue] = held as unknown as Rgb
  const light = Math.log(yOfRgb([red, green, blue]))
  const strength = light === 0 ? 0 : Math.log(t * t) / light
  return [red ** strength, green ** strength, blue ** strength]
}
const darkest = 0.02

/** The mean colour of pixels, four bytes each, linear. */
export function meanOfPixels(data: ArrayLike<number>): Rgb {
  const sums = [0, 0, 0]
  for (let at = 0; at < data.length; at += 4)
    for (const channel of [0, 1, 2]) sums[channel]! += linearOf(data[at + channel]!)
  const pixels = data.length / 4
  return [sums[0]! / pixels, sums[1]! / pixels, sums[2]! / pixels]
}
