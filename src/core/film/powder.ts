import { classMlPerGram, kindOf } from '../materials/material.ts'
import type { Material } from '../materials/material.ts'
import type { Ingredient } from '../medium/medium.ts'

/** What the powder of a film is made of, by volume. */
export interface PowderShares {
  /** Zinc white; lithopone counts half. */
  readonly zinc: number
  readonly opaque: number
  /** White, blue and violet, which show yellowing; of the pigments alone. */
  readonly pale: number
  /** How its colours tend to sink, 1 little to 5 much; 1 without powder. */
  readonly sinking: number
}

const zincWeight: Readonly<Record<string, number>> = { pw4: 1, pw5: 0.5 }
const white = /^pw\d/i
const paleColour = /^p[wbv]\d/i

const isPigment = ({ family }: Material): boolean => family === 'pigment'
const codeOf = (material: Material): string => material.pigmentCode ?? kindOf(material)
export const isWhite = (material: Material): boolean => isPigment(material) && white.test(codeOf(material))

/** Volume of powder in so much of a material, ml. */
export function powderMl(material: Material, massG: number): number {
  if (!material.shares.pigment && !material.shares.extender) return 0
  const perGram = classMlPerGram(material)
  return massG * (perGram.pigment + perGram.extender)
}

/** Kinds that act as a catalyst: a little goes far. */
const umbers: readonly string[] = ['pbr7_raw_umber', 'pbr7_burnt_umber']

/** The share of the powder by which a pigment acts on drying. */
export const actingShare = (kind: string, share: number): number =>
  umbers.includes(kind) ? (1.1 * share) / (share + 0.1) : share

/** Shares of so many ml of powder in these ingredients. */
export function powderShares(all: readonly Ingredient[], powder: number): PowderShares {
  let [zinc, opaque, pale, pigments, sinking] = [0, 0, 0, 0, 0]
  for (const { material, massG } of all) {
    const ml = powderMl(material, massG)
    if (ml === 0) continue
    zinc += ml * (zincWeight[kindOf(material)] ?? 0)
    if (material.transparency === 'opaque') opaque += ml
    sinking += ml * (material.sinkingTendency ?? 1)
    if (!isPigment(material)) continue
    pigments += ml
    if (paleColour.test(codeOf(material))) pale += ml
  }
  const share = (part: number, whole: number): number => (whole > 0 ? part / whole : 0)
  return {
    zinc: share(zinc, powder),
    opaque: share(opaque, powder),
    pale: share(pale, pigments),
    sinking: powder > 0 ? sinking / powder : 1,
  }
}
