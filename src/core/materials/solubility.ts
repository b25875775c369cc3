import { kindOf } from './material.ts'
import type { Material, Solvency } from './material.ts'

/** What dissolves what, as far as the book knows. */

/** Resins that oil itself takes when it is warmed. */
const fusible = [
  'damar',
  'mastic',
  'colophony',
  'ketone_resin',
  'aldehyde_resin',
  'hydrogenated_hydrocarbon_resin',
]
/** It dissolves in nothing before it has been run, and running it is no work for a studio. */
const runOnly = 'copal_hard'

/** What to take instead, by resin. */
const instead: Readonly<Record<string, string>> = {
  damar: 'take turpentine, or spirit of 30–40\u00a0% aromatics',
  mastic: 'take turpentine',
  colophony: 'take turpentine or white spirit',
  sandarac: 'it wants ethanol',
  copal_manila: 'it wants ethanol',
  shellac: 'it wants ethanol',
  benzoin: 'it wants ethanol',
  ketone_resin: 'take turpentine, or spirit of 30–40\u00a0% aromatics',
  aldehyde_resin: 'take turpentine, or spirit of 30–40\u00a0% aromatics',
  acrylic_resin_butyl_methacrylate: 'take turpentine or white spirit with aromatics',
  acrylic_resin_ethyl_methacrylate: 'it wants an aromatic solvent, and no oil',
}

export const isRunOnly = (material: Material): boolean => kindOf(material) === runOnly

/** Whether warm oil takes this resin. */
export const fusesInOil = (material: Material): boolean => fusible.includes(kindOf(material))

const rank: Readonly<Record<Solvency, number>> = { no: 0, partial: 1, warm: 2, yes: 3 }

/** How these solvents together take a resin or wax: as the best of them does. Waxes go by beeswax. */
export function solvencyOf(material: Material, solvents: readonly Material[]): Solvency {
  const kind = material.family === 'wax' ? 'beeswax' : kindOf(material)
  return solvents
    .map(({ dissolves }) => dissolves?.[kind] ?? 'no')
    .reduce<Solvency>((best, one) => (rank[one] > rank[best] ? one : best), 'no')
}

/** Why a resin will not dissolve in what it is made with, and what to take; null: it does. */
export function insolubleBecause(
  resin: Material,
  solvents: readonly Material[],
  inOil: boolean,
): { readonly severity: 'watch' | 'unsound'; readonly message: string } | null {
  const { name } = resin
  if (isRunOnly(resin))
    return {
      severity: 'unsound',
      message: `${name} dissolves only when it has been run at 300\u00a0°C; no procedure is given. Buy it run.`,
    }
  const advice = instead[kindOf(resin)] ?? 'take another solvent'
  if (solvents.length === 0)
    return !inOil || fusesInOil(resin)
      ? null
      : { severity: 'unsound', message: `${name} does not dissolve in oil: ${advice}.` }
  const how = solvencyOf(resin, solvents)
  if (how === 'yes' || how === 'warm') return null
  const names = solvents.map((solvent) => solvent.name).join(' and ')
  return how === 'partial'
    ? { severity: 'watch', message: `${name} dissolves slowly and cloudily in ${names}: ${advice}.` }
    : { severity: 'unsound', message: `${name} does not dissolve in ${names}: ${advice}.` }
}
