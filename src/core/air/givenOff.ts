import { kindOf } from '../materials/material.ts'
import { volumeOf } from '../medium/amount.ts'
import type { Ingredient } from '../medium/medium.ts'
import { exposures } from './exposures.ts'

/** What is given off by a material that is no solvent itself is taken for this one: its maker seldom says. */
const carrierUntold = 'white_spirit_aromatic'

/** The exposure that stands for a material's own vapour. */
export const exposureIdOf = (kind: string): string => (Object.hasOwn(exposures, kind) ? kind : carrierUntold)

/** What so many ml of a mix give off as they dry, g by solvent. */
export function givenOff(all: readonly Ingredient[], ml: number): ReadonlyMap<string, number> {
  const times = ml / volumeOf(all)
  const grams = new Map<string, number>()
  for (const { material, massG } of all) {
    const given = massG * times * (material.shares.volatile ?? 0)
    if (given === 0) continue
    const solvent = exposureIdOf(kindOf(material))
    grams.set(solvent, (grams.get(solvent) ?? 0) + given)
  }
  return grams
}
