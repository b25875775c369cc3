import type { Material } from '../materials/material.ts'
import { onlyIfAsked, usualSlowest } from './design/asked.ts'

/** Features two materials are compared by, and how far they spread on this shelf (reckonings.md, Nearest that passes). */
const features: readonly ((material: Material) => number | null)[] = [
  ({ rate }) => (rate && rate.mid > 0 ? Math.log(rate.mid) : null),
  ({ viscosityMPas }) => (viscosityMPas ? Math.log(viscosityMPas) : null),
  ({ flexFactor }) => flexFactor ?? null,
  ({ shares }) => shares.volatile ?? 0,
]

function spreadOf(values: readonly number[]): number {
  if (values.length < 2) return 1
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length
  const variance = values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / (values.length - 1)
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
  const asked = onlyIfAsked(one)
  if (one.family !== to.family || (asked !== null && asked !== onlyIfAsked(to))) return false
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

/**
 * Of those that pass, of the same family and role, the nearest to this one first; before them what is at hand and hardly
 * further off.
 */
export function nearestPassing(
  to: Material,
  shelf: readonly Material[],
  passes: (material: Material) => boolean,
  isAtHand: (material: Material) => boolean = () => false,
): readonly Material[] {
  const featuresOf = (one: Material): readonly (number | null)[] => features.map((feature) => feature(one))
  const family = shelf.filter((one) => hasRoleOf(to, one)).map((one) => ({ one, has: featuresOf(one) }))
  const spreads = features.map((_, at) => spreadOf(family.flatMap(({ has }) => has[at] ?? [])))
  const wanted = featuresOf(to)
  const distance = (has: readonly (number | null)[]): number =>
    has.reduce<number>((sum, a, at) => {
      const b = wanted[at]!
      if (a === null && b === null) return sum
      return sum + (a === null || b === null ? unknownFeature : ((a - b) / spreads[at]!) ** 2)
    }, 0)
  const passing = family
    .filter(({ one }) => one.id !== to.id && passes(one))
    .map(({ one, has }) => ({ one, off: distance(has) }))
    .sort((a, b) => a.off - b.off)
  const isHandy = ({ one, off }: (typeof passing)[number]): boolean => off <= asGood && isAtHand(one)
  return [...passing.filter(isHandy), ...passing.filter((each) => !isHandy(each))].map(({ one }) => one)
}
