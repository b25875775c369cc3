import type { Material } from '../materials/material.ts'
import { onlyIfAsked, usualSlowest } from './design/asked.ts'

type Feature = (material: Material) => number | null

/** What two materials are compared by (reckonings.md, Nearest that passes). */
const features: readonly Feature[] = [
  ({ rate }) => (rate && rate.mid > 0 ? Math.log(rate.mid) : null),
  ({ viscosityMPas }) => (viscosityMPas ? Math.log(viscosityMPas) : null),
  ({ flexFactor }) => flexFactor ?? null,
  ({ shares }) => shares.volatile ?? 0,
]

/** How far a feature spreads on a shelf: its standard deviation among the materials of which it is known. */
function spreadOf(feature: Feature, family: readonly Material[]): number {
  let [count, sum, squares] = [0, 0, 0]
  for (const one of family) {
    const value = feature(one)
    if (value === null) continue
    count++
    sum += value
    squares += value ** 2
  }
  const variance = count < 2 ? 0 : (squares - sum ** 2 / count) / (count - 1)
  return Math.sqrt(variance) || 1
}

/** A feature that only one of two is known by counts as one spread. */
const unknownFeature = 1

/** The letters of a colour index: PB is a blue, PW a white. */
const hue = ({ pigmentCode = '' }: Material): string => pigmentCode.replace(/\d.*$/, '')

/** Chalk is a white by its code, and none in oil. */
const covers = ({ transparency }: Material): boolean => transparency !== 'transparent'

/**
 * Whether a material does what another does: an oil that dries, a pigment of the same hue that covers, a solvent that
 * leaves.
 */
function hasRoleOf(to: Material, one: Material): boolean {
  if (one.family !== to.family) return false
  const asked = onlyIfAsked(one)
  if (asked !== null && asked !== onlyIfAsked(to)) return false
  switch (to.family) {
    case 'oil':
      return (to.rate?.mid ?? 0) < usualSlowest || (one.rate?.mid ?? 0) >= usualSlowest
    case 'solvent':
      return (one.shares.volatile ?? 0) > 0
    case 'pigment':
      return hue(one) === hue(to) && covers(one) === covers(to)
    default:
      return true
  }
}

/** Within a spread in all, what is at hand does as well as what is nearer. */
const asGood = 1

/** How far a material is from another, in spreads, squared. */
type Distance = (one: Material) => number

function distanceFrom(to: Material, family: readonly Material[]): Distance {
  const scales = features.map((feature) => ({
    feature,
    wanted: feature(to),
    spread: spreadOf(feature, family),
  }))
  return (one) => {
    let sum = 0
    for (const { feature, wanted, spread } of scales) {
      const has = feature(one)
      if (has !== null && wanted !== null) sum += ((has - wanted) / spread) ** 2
      else if (has !== wanted) sum += unknownFeature
    }
    return sum
  }
}

/**
 * Of those that pass, of the same family and role, the nearest to this one; what is at hand is taken before what is only
 * hardly nearer. Null: none passes.
 */
export function nearestPassing(
  to: Material,
  shelf: readonly Material[],
  passes: (material: Material) => boolean,
  isAtHand: (material: Material) => boolean = () => false,
): Material | null {
  const family = shelf.filter((one) => hasRoleOf(to, one))
  const distance = distanceFrom(to, family)
  let nearest: Candidate | null = null
  let handiest: Candidate | null = null
  for (const one of family) {
    if (one.id === to.id || !passes(one)) continue
    const off = distance(one)
    if (isNearer(off, nearest)) nearest = { one, off }
    if (off <= asGood && isNearer(off, handiest) && isAtHand(one)) handiest = { one, off }
  }
  return (handiest ?? nearest)?.one ?? null
}

interface Candidate {
  readonly one: Material
  readonly off: number
}

const isNearer = (off: number, than: Candidate | null): boolean => than === null || off < than.off
