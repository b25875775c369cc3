import { kindOf } from '../materials/material.ts'
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
const leadWhite = among('pw1')
const ultramarine = among('pb29', 'pv15')
const waxPaste: Test = ({ family }) => family === 'wax_paste'
const dissolvedCold = among('damar', 'mastic')
const dissolvedHot: Test = (material) =>
  material.family === 'wax' || (material.family === 'resin' && !dissolvedCold(material))
const waterborne: Test = ({ family }) => family === 'waterborne'
const oily: Test = ({ shares }) => (shares.oil ?? 0) + (shares.alkyd ?? 0) > 0.5

const pairs: readonly {
  readonly id: string
  readonly a: Test
  readonly b: Test
  readonly severity: PairFinding['severity']
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
    id: 'acid-lead-white',
    a: isAcid,
    b: leadWhite,
    severity: 'unsound',
    says: (a, b) => `${a} makes soluble lead of ${b}. Keep them apart; gloves, and no food near.`,
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
    b: dissolvedHot,
    severity: 'watch',
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
    a: waterborne,
    b: oily,
    severity: 'unsound',
    says: (a, b) =>
      `${a} and ${b} separate: waterborne binder belongs under oil, dry, and never into it or over it.`,
  },
]

/** Every pair that meets in one mix: the medium's materials, and the pigments of the paint it goes into. */
export function pairsIn(materials: readonly Material[]): readonly PairFinding[] {
  return pairs.flatMap(({ id, a, b, severity, says }) => {
    const [one, other] = [materials.find(a), materials.find(b)]
    return one && other && one !== other
      ? [{ pair: id, severity, a: one.id, b: other.id, message: says(one.name, other.name) }]
      : []
  })
}
