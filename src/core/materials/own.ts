import { kindOf, leavingClasses, normalised, sharesOf, sumOf } from './material.ts'
import type { Hazard } from './hazards.ts'
import type { Family, Material, Range, Shares } from './material.ts'
import type { FindMaterial } from './find.ts'
import { dropOf } from '../measure/dropper.ts'
import type { DropCount } from '../measure/dropper.ts'
import { isMassUnit, isVolumeUnit, massUnits, volumeUnits } from '../measure/units.ts'
import type { Amount } from '../measure/units.ts'

/** What was paid for how much of it; coins are the painter's own. */
export interface Price {
  readonly coins: number
  readonly for: Amount
}

/** What a painter is asked about a make the book does not know. */
export const ownHazards = [
  'lead',
  'cadmium',
  'chromium',
  'cobalt',
  'nickel',
  'manganese',
  'mercury',
  'sensitiser',
  'nuts',
  'silica dust',
] as const satisfies readonly Hazard[]
export type OwnHazard = (typeof ownHazards)[number]

/** From this share of volatile, by mass, a make of the painter's own gives off solvent vapour. */
const vapourFrom = 0.01

/** What a painter knows better than the book: a lot of a material, or one the book lacks. Null: as the book says. */
export interface OwnMaterial {
  readonly id: string
  readonly name: string
  /** The book's material this is a lot of; null: of its own make. */
  readonly base: string | null
  readonly family: Family
  readonly densityGPerMl: number | null
  /** Share by mass that stays, 0..1; of a product known only as a range, both ends. */
  readonly nonVolatile: { readonly low: number; readonly high: number } | null
  /** What stays is made of, in any proportion; used only without a base. */
  readonly stays: Partial<Shares>
  /** What can hurt in it; used only without a base, which brings its own. */
  readonly hazards: readonly OwnHazard[]
  /** Drying speed of its oil and alkyd, raw linseed = 1. */
  readonly rate: number | null
  /** Iodine value of an oil, both ends where it is known as a range. */
  readonly iodine: { readonly low: number; readonly high: number } | null
  readonly price: Price | null
  readonly dropper: readonly DropCount[]
}

/** A material with another share of it staying, 0..1: what stays and what leaves each keep their proportions. */
export function withNonVolatile(material: Material, share: number): Material {
  const whole = sharesOf((name) => material.shares[name] ?? 0)
  const leaves = sumOf(whole, leavingClasses)
  const stays = sumOf(whole) - leaves
  const scaled = sharesOf((name) =>
    leavingClasses.includes(name)
      ? leaves > 0
        ? (whole[name] / leaves) * (1 - share)
        : name === 'volatile'
          ? 1 - share
          : 0
      : (whole[name] / stays) * share,
  )
  return { ...material, shares: present(scaled) }
}

const present = (shares: Shares): Partial<Shares> =>
  Object.fromEntries(Object.entries(shares).filter(([, share]) => share > 0))

/** The material an entry of the painter's shelf stands for. Its figures override those of its base. */
export function materialOf(own: OwnMaterial, book: FindMaterial): Material {
  const base = own.base === null ? undefined : book(own.base)
  const density = own.densityGPerMl
  const start: Material = base ?? {
    id: own.id,
    name: own.name,
    family: own.family,
    densityGPerMl: { low: 0.93, mid: 0.93, high: 0.93 },
    dropMl: 0.03,
    shares: present(normalised(sharesOf((name) => own.stays[name] ?? 0))),
    rate: usualRate(own.stays),
  }
  const drop = dropOf(own.dropper)
  const hazards = base ? (base.hazards ?? []) : hazardsIn(own)
  const settled: Material = {
    ...start,
    id: own.id,
    ...(base && { kind: kindOf(base) }),
    ...(hazards.length > 0 && { hazards }),
    name: own.name,
    ...(density !== null && { densityGPerMl: { low: density, mid: density, high: density } }),
    ...(own.iodine && { iodineValue: { ...own.iodine, mid: (own.iodine.low + own.iodine.high) / 2 } }),
    ...(own.rate !== null && { rate: { low: own.rate, mid: own.rate, high: own.rate } }),
    ...(own.rate === null && !base && { rateUntold: true as const }),
  }
  const perG = own.price && pricePerG(own.price, settled.densityGPerMl.mid)
  const known: Material = {
    ...settled,
    ...(perG && { pricePerG: perG }),
    ...(drop && { dropMl: drop.gramsEach / settled.densityGPerMl.mid, dropSpread: drop.spread }),
  }
  if (!own.nonVolatile) return known
  const { low, high } = own.nonVolatile
  const { nonVolatile: _before, ...rest } = withNonVolatile(known, (low + high) / 2)
  return high > low ? { ...rest, nonVolatile: { low, high } } : rest
}

/** Drying speed of a make whose own is not known, raw linseed = 1: alkyd, driered as it is sold, is five times as fast. */
function usualRate({ oil = 0, alkyd = 0 }: Partial<Shares>): Range {
  const mid = alkyd > 0 ? (oil + 5 * alkyd) / (oil + alkyd) : 1
  return { low: mid, mid, high: mid }
}

function hazardsIn({ hazards, nonVolatile, stays }: OwnMaterial): readonly Hazard[] {
  const volatile = nonVolatile ? 1 - nonVolatile.low : 0
  const vapour = volatile > vapourFrom && (stays.protein ?? 0) + (stays.polymer ?? 0) + (stays.gum ?? 0) === 0
  return [...hazards, ...(vapour ? (['solvent vapour'] as const) : [])]
}

/** Coins per gram; null when bought by the drop or the part. */
function pricePerG({ coins, for: { amount, unit } }: Price, densityGPerMl: number): number | null {
  if (isMassUnit(unit)) return coins / (amount * massUnits[unit])
  return isVolumeUnit(unit) ? coins / (amount * volumeUnits[unit] * densityGPerMl) : null
}
