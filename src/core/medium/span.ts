import { withNonVolatile } from '../materials/own.ts'
import { classNames, normalised, sharesOf } from '../materials/material.ts'
import type { ClassName, Material, Shares } from '../materials/material.ts'
import { massByClass, volumeByClass, withoutVolatiles } from './medium.ts'
import type { Ingredient } from './medium.ts'

/** A number known only between two ends. Low and high are the same where it is known. */
export interface Span {
  readonly low: number
  readonly high: number
}

export const spanOf = (values: readonly number[]): Span => ({
  low: Math.min(...values),
  high: Math.max(...values),
})
export const isKnown = ({ low, high }: Span): boolean => high - low <= 1e-9 * Math.max(1, Math.abs(high))

/** So many products known only as a range are followed to every corner; any beyond are taken at their middle. */
const mostRanged = 6

/**
 * The same ingredients with every product known only as a range at one end or the other: all corners. A share of the
 * mix or the film is monotone in each product's non-volatile share, so its extremes lie among the corners.
 */
export function cornersOf(ingredients: readonly Ingredient[]): readonly (readonly Ingredient[])[] {
  const ranged = ingredients.filter(({ material }) => material.nonVolatile).slice(0, mostRanged)
  if (ranged.length === 0) return [ingredients]
  const ends = new Map(
    ranged.map(({ material }) => [
      material,
      [material.nonVolatile!.low, material.nonVolatile!.high].map((share) =>
        withNonVolatile(material, share),
      ),
    ]),
  )
  return Array.from({ length: 2 ** ranged.length }, (_, corner) =>
    ingredients.map((one) => {
      const bit = ranged.indexOf(one)
      return bit < 0 ? one : { ...one, material: ends.get(one.material)![(corner >> bit) & 1]! }
    }),
  )
}

export type LimitAnswer = 'within' | 'over' | 'cannot tell'

/** How a number known as a span stands to a limit. */
export const againstLimit = ({ low, high }: Span, limit: number): LimitAnswer =>
  high <= limit ? 'within' : low > limit ? 'over' : 'cannot tell'

/** What stays of a product, of the dried film by mass, beside `otherDryG` of other film. */
export const driedShare = ({ low, high }: Span, massG: number, otherDryG: number): Span =>
  spanOf([low, high].map((stays) => (massG * stays) / (massG * stays + otherDryG)))

/**
 * The most of a product, g, that surely keeps its dried share of the film at or below `limit`, beside `otherDryG` of
 * other film; the product taken at the top of its range, and the answer rounded down to half a gram.
 */
export function safeMassG(product: Material, otherDryG: number, limit: number): number {
  const most = product.nonVolatile?.high ?? 1 - (product.shares.volatile ?? 0) - (product.shares.water ?? 0)
  return Math.floor((2 * limit * otherDryG) / ((1 - limit) * most)) / 2
}

/** A span for every class. */
export type ShareSpans = Readonly<Record<ClassName, Span>>

/** Shares of the mix and of the dried film, by mass and by true volume, each as far as it is known; `counted` may leave a class out. */
export function shareSpans(
  ingredients: readonly Ingredient[],
  counted: (shares: Shares) => Shares = normalised,
): Readonly<Record<'wet' | 'dry', Readonly<Record<'byMass' | 'byVolume', ShareSpans>>>> {
  const corners = cornersOf(ingredients).map((corner) => ({
    mass: massByClass(corner),
    volume: volumeByClass(corner),
  }))
  const spans = (of: (corner: { readonly mass: Shares; readonly volume: Shares }) => Shares): ShareSpans => {
    const all = corners.map((corner) => counted(of(corner)))
    return Object.fromEntries(
      classNames.map((name) => [name, spanOf(all.map((shares) => shares[name]))]),
    ) as Record<ClassName, Span>
  }
  return {
    wet: { byMass: spans(({ mass }) => mass), byVolume: spans(({ volume }) => volume) },
    dry: {
      byMass: spans(({ mass }) => withoutVolatiles(mass)),
      byVolume: spans(({ volume }) => withoutVolatiles(volume)),
    },
  }
}

/** The same shares with pigment and filler left out of the count. */
export const withoutFiller = (shares: Shares): Shares =>
  normalised(sharesOf((name) => (name === 'extender' || name === 'pigment' ? 0 : shares[name])))
