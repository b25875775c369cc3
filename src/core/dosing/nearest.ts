import type { Material } from '../materials/material.ts'
import { onlyIfAsked, usualSlowest } from './design/asked.ts'

/** What stands nearest to a material it takes the place of, the nearest first (rules.md 1 and 26). */

/** Thin enough to grind paint in. */
const grindableMPas = 200

/** Oils that paint is ground in, nearest in yellowing to this one first, then in speed. */
export function nearestOils(materials: readonly Material[], to: Material): readonly Material[] {
  const yellowing = (oil: Material): number => Math.abs((oil.yellowing ?? 3) - (to.yellowing ?? 3))
  const speed = (oil: Material): number => Math.abs(Math.log(oil.rate!.mid / (to.rate?.mid || 1)))
  return materials
    .filter(
      (oil) =>
        oil.family === 'oil' &&
        (oil.rate?.mid ?? 0) >= usualSlowest &&
        (oil.viscosityMPas ?? 0) <= grindableMPas &&
        !oil.waterMixable &&
        onlyIfAsked(oil) === null,
    )
    .sort((a, b) => yellowing(a) - yellowing(b) || speed(a) - speed(b))
}

/** Solvents that thin paint, nearest in flash point to this one first: what leaves as fast works the same. */
export function nearestThinners(materials: readonly Material[], to: Material): readonly Material[] {
  const off = ({ flashPointC }: Material): number => Math.abs((flashPointC ?? 100) - (to.flashPointC ?? 40))
  return materials
    .filter((one) => one.family === 'solvent' && onlyIfAsked(one) === null)
    .sort((a, b) => off(a) - off(b))
}
