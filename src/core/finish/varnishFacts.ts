import { kindOf } from '../materials/material.ts'
import type { Material } from '../materials/material.ts'

/** What is told of a varnish when it is chosen and put on record. Times are estimates. */
export interface VarnishFacts {
  readonly resin: string
  /** Hours until dust no longer sticks, and days until it may be packed. */
  readonly dustHours: number
  readonly packDays: number
}

const facts: Readonly<Record<string, VarnishFacts>> = {
  hydrocarbon_varnish_25: { resin: 'hydrogenated hydrocarbon', dustHours: 2, packDays: 7 },
  aldehyde_varnish_25: { resin: 'aldehyde', dustHours: 2, packDays: 7 },
  ketone_varnish_25: { resin: 'ketone', dustHours: 3, packDays: 10 },
  butyl_methacrylate_varnish_20: { resin: 'butyl methacrylate', dustHours: 2, packDays: 7 },
  damar_varnish_30: { resin: 'damar', dustHours: 6, packDays: 14 },
  retouching_varnish_8: { resin: 'damar', dustHours: 2, packDays: 3 },
  wax_varnish: { resin: 'wax', dustHours: 12, packDays: 3 },
  run_copal_varnish: { resin: 'run copal in oil', dustHours: 48, packDays: 60 },
}

/** What a varnish is dissolved in, by the book; of any other it is not told. */
const solvents: Readonly<Record<string, string>> = {
  damar_varnish_30: 'gum_turpentine',
  retouching_varnish_8: 'gum_turpentine',
  hydrocarbon_varnish_25: 'mineral_spirit_dearomatised_low_flash',
}

/** The solvent of a varnish by its kind. */
export const varnishSolvent = (kind: string): string => solvents[kind] ?? 'white_spirit_aromatic'

/** Solvent in so many ml of a varnish, g. */
export const solventG = ({ densityGPerMl, shares }: Material, ml: number): number =>
  ml * densityGPerMl.mid * (shares.volatile ?? 0)

/** Null: its make-up is not known here, ask whoever made it. */
export const varnishFactsOf = (material: Material): VarnishFacts | null => facts[kindOf(material)] ?? null

/** Gloss of a dried film, about: of a gloss varnish, of a matt one, and where the words change. */
const [glossOf, mattOf] = [80, 10] as const
const [glossyFrom, satinFrom] = [60, 25] as const

/** A gloss varnish with so much matt one of the same resin in it, 0..1: how it will look (model; draw it down first). */
export function mixedSheen(mattShare: number): { readonly gloss: number; readonly word: string } {
  const gloss = glossOf ** (1 - mattShare) * mattOf ** mattShare
  return { gloss, word: gloss >= glossyFrom ? 'glossy' : gloss >= satinFrom ? 'satin' : 'matt' }
}
