import { kindOf } from '../materials/material.ts'
import { insolubleBecause } from '../materials/solubility.ts'
import type { Material } from '../materials/material.ts'

/** Materials that must not meet, or only with care. */
export interface PairFinding {
  readonly pair: string
  readonly severity: 'unsound' | 'watch'
  readonly a: string
  readonly b: string
  readonly message: string
}

type Test = (material: Material) => boolean
const isAcid: Test = ({ family }) => family === 'acid'
const isWatery: Test = ({ family }) => family === 'egg' || family === 'waterborne' || family === 'acid'
const among =
  (...ids: readonly string[]): Test =>
  (material) =>
    ids.includes(kindOf(material))

const carbonate = among(
  'chalk_whiting',
  'marble_dust',
  'precipitated_chalk',
  'pw18',
  'magnesium_carbonate',
  'dolomite',
)
const leaded: Test = ({ hazards }) => hazards?.includes('lead') ?? false
const zincWhite = among('pw4', 'pw5')
const ultramarine = among('pb29', 'pv15', 'pr259', 'lapis')
const acidResin = among('colophony', 'sandarac', 'copal_manila')
const soapForming: Test = (material) => leaded(material) || zincWhite(material) || carbonate(material)
const waxPaste: Test = ({ family }) => family === 'wax_paste'
const meltedInOil: Test = ({ family }) => family === 'wax' || family === 'resin'
const waterborne: Test = ({ family }) => family === 'waterborne'
/** Gum, glue and casein carry oil as an emulsion; acrylic does not. */
const polymerBound: Test = ({ family, shares }) => family === 'waterborne' && (shares.polymer ?? 0) > 0
const oily: Test = ({ shares }) => (shares.oil ?? 0) + (shares.alkyd ?? 0) > 0.5
const repelsOil = among('shellac', 'acrylic_resin_ethyl_methacrylate')

const pairs: readonly {
  readonly id: string
  readonly a: Test
  readonly b: Test
  readonly severity: PairFinding['severity']
  /** Only where no solvent is in the mix: nothing need be heated then. */
  readonly ifHeated?: boolean
  readonly says: (a: string, b: string) => string
}[] = [
  {
    id: 'acid-carbonate',
    a: isAcid,
    b: carbonate,
    severity: 'unsound',
    says: (a, b) =>
      `${a} foams on ${b} and loses its acid; in a closed tube it can burst. Use a filler that is no carbonate, or leave the acid out.`,
  },
  {
    id: 'acid-lead',
    a: isAcid,
    b: leaded,
    severity: 'unsound',
    says: (a, b) => `${a} makes soluble lead of ${b}. Keep them apart; gloves, and no food near.`,
  },
  {
    id: 'acid-zinc',
    a: isAcid,
    b: zincWhite,
    severity: 'watch',
    says: (a, b) => `${a} makes soluble zinc of ${b}: leave one of them out.`,
  },
  {
    id: 'acid-resin-soap',
    a: acidResin,
    b: soapForming,
    severity: 'watch',
    says: (a, b) => `${a} is an acid resin: with ${b} it makes soaps, thickens in the jar and goes brittle.`,
  },
  {
    id: 'repels-oil',
    a: repelsOil,
    b: oily,
    severity: 'unsound',
    says: (a, b) => `${a} and ${b} do not mix: leave ${a} to varnishes and isolating coats.`,
  },
  {
    id: 'acid-ultramarine',
    a: isAcid,
    b: ultramarine,
    severity: 'unsound',
    says: (a, b) => `${a} takes the colour out of ${b} and gives off hydrogen sulphide. Keep them apart.`,
  },
  {
    id: 'water-hot-oil',
    a: isWatery,
    b: meltedInOil,
    severity: 'watch',
    ifHeated: true,
    says: (a, b) =>
      `${b} is melted into hot oil: ${a} put into it boils over. Let it cool below 40\u00a0°C first.`,
  },
  {
    id: 'wax-paste-waterborne',
    a: waxPaste,
    b: waterborne,
    severity: 'unsound',
    says: (a, b) =>
      `${a} does not bind with ${b}: nothing waterborne takes a wax paste. Use one or the other.`,
  },
  {
    id: 'oil-in-waterborne',
    a: polymerBound,
    b: oily,
    severity: 'unsound',
    says: (a, b) =>
      `${a} and ${b} separate: waterborne binder belongs under oil, dry, and never into it or over it.`,
  },
]

/**
 * Every pair that meets in one mix, and every resin that does not dissolve in it: the medium's materials, and the pigments of
 * the paint it goes into.
 */
export function pairsIn(materials: readonly Material[]): readonly PairFinding[] {
  const solvents = solventsIn(materials)
  const inOil = materials.some(oily)
  const met = pairs.flatMap(({ id, a, b, severity, ifHeated, says }): PairFinding[] => {
    if (ifHeated && solvents.length > 0) return []
    const one = materials.find(a)
    const other = one && materials.find((material) => material !== one && b(material))
    return one && other
      ? [{ pair: id, severity, a: one.id, b: other.id, message: says(one.name, other.name) }]
      : []
  })
  const undissolved = materials.flatMap((resin): PairFinding[] => {
    const found = resin.family === 'resin' ? insolubleBecause(resin, solvents, inOil) : null
    return found ? [{ pair: `dissolves ${resin.id}`, a: resin.id, b: solvents[0]?.id ?? '', ...found }] : []
  })
  return [...met, ...undissolved]
}

/** What of these dissolves: solvents but water. */
export const solventsIn = (materials: readonly Material[]): readonly Material[] =>
  materials.filter(({ family, shares }) => family === 'solvent' && (shares.volatile ?? 0) > 0)
