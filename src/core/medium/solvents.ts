import { classMlPerGram, kindOf } from '../materials/material.ts'
import type { Material } from '../materials/material.ts'
import type { Ingredient } from './medium.ts'

/** How hard a solvent bites into a young or soluble film, white spirit = 1 (rules.md 20; one conservator's judgement). */
const powers: Readonly<Record<string, number>> = {
  isoparaffin: 0.7,
  mineral_spirit_dearomatised_low_flash: 0.8,
  mineral_spirit_dearomatised_high_flash: 0.8,
  gum_turpentine: 1.5,
  d_limonene: 1.8,
  spike_lavender_oil: 2,
  ethanol: 3,
  acetone: 3,
}

/** Of one solvent; of what is not named, as inside a paste or an alkyd, that of white spirit. */
export const biteOf = (solvent: Material): number => powers[kindOf(solvent)] ?? 1

/** Of all that leaves a mix but water, by volume; 0 where nothing does. */
export function solventPowerOf(all: readonly Ingredient[]): number {
  let [sum, volume] = [0, 0]
  for (const { material, massG } of all) {
    if (!material.shares.volatile) continue
    const ml = massG * classMlPerGram(material).volatile
    volume += ml
    sum += ml * biteOf(material)
  }
  return volume > 0 ? sum / volume : 0
}

/** Hours until a solvent has left an open surface, from 15 °C up (reckonings.md, Events); an estimate. */
const leavesHours = { turpentine: 2, other: 6 } as const
const quick: readonly string[] = ['gum_turpentine', 'ethanol', 'acetone']
const slowBelowC = 15

/** Days until what a mix was thinned with is gone from a thin film in such a room; 0 where nothing was. */
export function solventGoneDays(solvents: readonly Material[], temperatureC: number): number {
  if (solvents.length === 0) return 0
  const hours = solvents.every((solvent) => quick.includes(kindOf(solvent)))
    ? leavesHours.turpentine
    : leavesHours.other
  return ((temperatureC < slowBelowC ? 2 : 1) * hours) / 24
}
