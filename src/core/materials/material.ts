import type { Hazard } from './hazards.ts'

/** What a material is made of and how it behaves. Values are typical or estimates; ranges are kept beside them. */

export const classNames = [
  'oil',
  'alkyd',
  'resin',
  'wax',
  'protein',
  'polymer',
  'gum',
  'extender',
  'pigment',
  'drier',
  'volatile',
  'water',
  'other',
] as const
export type ClassName = (typeof classNames)[number]

/** A quantity per class; absent classes are 0. */
export type Shares = Readonly<Record<ClassName, number>>

/** g/ml used to turn a material's mass shares into volume shares (science.md, Composition). */
export const classDensityGPerMl: Shares = {
  oil: 0.93,
  alkyd: 1.03,
  resin: 1.07,
  wax: 0.96,
  protein: 1.35,
  polymer: 1.1,
  gum: 1.5,
  extender: 2.7,
  pigment: 3.0,
  drier: 0.95,
  volatile: 0.8,
  water: 1.0,
  other: 1.0,
}

/** Classes that hold powder together in the dried film. */
export const binderClasses = [
  'oil',
  'alkyd',
  'resin',
  'wax',
  'protein',
  'polymer',
  'gum',
] as const satisfies readonly ClassName[]

/** Classes that leave the film as it dries. */
export const leavingClasses: readonly ClassName[] = ['volatile', 'water']

export interface Range {
  readonly low: number
  readonly mid: number
  readonly high: number
}

/** How a solvent takes a resin or wax. */
export const solvency = ['yes', 'warm', 'partial', 'no'] as const
export type Solvency = (typeof solvency)[number]

export const families = [
  'oil',
  'resin',
  'balsam',
  'alkyd',
  'wax',
  'wax_paste',
  'metal_soap',
  'solvent',
  'extender',
  'pigment',
  'drier',
  'retarder',
  'ready_medium',
  'varnish',
  'egg',
  'acid',
  'waterborne',
  'additive',
] as const
export type Family = (typeof families)[number]

export const transparencies = ['opaque', 'semi', 'transparent'] as const
export type Transparency = (typeof transparencies)[number]

export interface Material {
  readonly id: string
  /** Of a painter's own lot: the library's material it is based on (see `kindOf`). */
  readonly kind?: string
  readonly name: string
  readonly family: Family
  readonly densityGPerMl: Range
  /** Only for lumps, pellets and powders measured with a spoon: mass of a level spoonful over its volume. */
  readonly bulkDensityGPerMl?: Range
  /** One drop from a common dropper, ml; uncalibrated, so half to double. Absent: cannot be counted in drops. */
  readonly dropMl?: number
  /** Of a dropper the painter has calibrated: how far its weighings lay apart, as a share; null after one weighing. */
  readonly dropSpread?: number | null
  /** Mass fractions over the classes; only those above 0 are listed. */
  readonly shares: Partial<Shares>
  /** Drying speed: the inverse of its touch-dry time, raw linseed = 1; of a prepared material, that of its oil and alkyd. */
  readonly rate?: Range
  /** The painter did not tell the speed of their own make; `rate` is taken from what it is made of. */
  readonly rateUntold?: true
  /** Stretch of a cured film relative to raw linseed (science.md, flexPlain). */
  readonly flexFactor?: number
  /** g oil per 100 g powder, rub-out. */
  readonly oilAbsorption?: Range
  readonly sinkingTendency?: number
  readonly transparency?: Transparency
  readonly pigmentCode?: string
  /** Metal in a drier as supplied, % by mass, and the most that is advised on oil and alkyd, % by mass. */
  readonly metalPercent?: number
  readonly maxMetalPercent?: number
  readonly flashPointC?: number
  /** An oil made to take water. */
  readonly waterMixable?: boolean
  /** Share by mass that stays, of a product whose make-up is known only so far; `shares` are those of its middle. */
  readonly nonVolatile?: { readonly low: number; readonly high: number }
  readonly iodineValue?: Range
  /** Of an oil whose iodine value does not tell how it dries: why. */
  readonly bodied?: 'heat or air' | 'conjugated'
  /** 1 little to 5 much. */
  readonly yellowing?: number
  readonly strength?: number
  readonly viscosityMPas?: number
  readonly pricePerG?: number
  readonly hazards?: readonly Hazard[]
  /** ASTM-like, I excellent to V fugitive; may say that it darkens. */
  readonly lightfastness?: string
  /** The most advised of a resin, wax or soap, of the dried film by mass. */
  readonly mostOfFilm?: Range
  /** The most of a thickener that can be stirred, of the mix by mass. */
  readonly mostOfMix?: number
  /** Softens or melts, °C. */
  readonly meltsC?: { readonly low: number; readonly high: number }
  /** Of a solvent: what it dissolves, by kind; what is not listed it does not. */
  readonly dissolves?: Readonly<Record<string, Solvency>>
  /** Days it keeps once opened. */
  readonly shelfDays?: number
}

/**
 * What a material is, whatever its own id: what every rule, policy, pair, metal and hazard asks. A painter's own lot is of
 * the kind it is based on; a library material, and a make of the painter's own, is a kind of itself.
 */
export const kindOf = ({ id, kind }: Pick<Material, 'id' | 'kind'>): string => kind ?? id

export const noShares: Readonly<Record<ClassName, number>> = Object.freeze({
  oil: 0,
  alkyd: 0,
  resin: 0,
  wax: 0,
  protein: 0,
  polymer: 0,
  gum: 0,
  extender: 0,
  pigment: 0,
  drier: 0,
  volatile: 0,
  water: 0,
  other: 0,
})

/** A share record from a function of the class. */
export function sharesOf(value: (name: ClassName) => number): Shares {
  const shares = { ...noShares }
  for (const name of classNames) shares[name] = value(name)
  return shares
}

export function sumOf(shares: Shares, names: readonly ClassName[] = classNames): number {
  let sum = 0
  for (const name of names) sum += shares[name]
  return sum
}

/** The same proportions adding up to 1; all zero when there is nothing. */
export function normalised(shares: Shares): Shares {
  const total = sumOf(shares)
  return total > 0 ? sharesOf((name) => shares[name] / total) : noShares
}

/** Reckoned once a material, because every film and every medium asks: a material never changes. */
const mlPerGram = new WeakMap<Material, Shares>()

/** True volume of each class in one gram of a material, ml; together they fill the material's own volume. */
export function classMlPerGram(material: Material): Shares {
  const known = mlPerGram.get(material)
  if (known) return known
  const apart = sharesOf((name) => (material.shares[name] ?? 0) / classDensityGPerMl[name])
  const fit = 1 / material.densityGPerMl.mid / sumOf(apart)
  const volumes = sharesOf((name) => apart[name] * fit)
  mlPerGram.set(material, volumes)
  return volumes
}
