import { demandOf } from '../materials/demand.ts'
import type { Hazard } from '../materials/hazards.ts'
import { classMlPerGram, kindOf, leavingClasses, sumOf } from '../materials/material.ts'
import type { Material, Transparency } from '../materials/material.ts'
import type { FindMaterial } from '../materials/find.ts'
import { massOf } from '../medium/amount.ts'
import type { Ingredient } from '../medium/medium.ts'

/** What a painter knows better than the book of how one tube behaves. Absent: as the book says of its pigments. */
export interface TubeTraits {
  /** Drying speed of its powder over the book's. */
  readonly rateTimes?: number
  readonly transparency?: Transparency
  /** 1 little to 5 much. */
  readonly sinkingTendency?: number
  /** As the maker grades it, I to V. */
  readonly lightfastness?: string
  /** What can hurt in it besides what its pigments bring. */
  readonly hazards?: readonly Hazard[]
}

/** A tube of paint, as much as need be known of it. Shares are of the powder, by volume. */
export interface Tube extends TubeTraits {
  readonly pigments: readonly { readonly pigment: string; readonly share: number }[]
  /** What it is bound in: an oil as a rule, or alkyd, egg, acrylic and the like. */
  readonly oil: string
  /** Binder over what the powder just needs; used when the oil is not known. */
  readonly grind?: number
  /** Oil in the tube, % by mass. */
  readonly oilMassPercent?: number
}

export const defaultGrind = 1.25

export type TubeResult =
  | { readonly ok: true; readonly ingredients: readonly Ingredient[] }
  | { readonly ok: false; readonly message: string; readonly path: readonly (string | number)[] }

/** Pigments and oil in one ml of a tube. */
export function tubeIngredients(tube: Tube, findMaterial: FindMaterial): TubeResult {
  const oil = findMaterial(tube.oil)
  if (!oil)
    return {
      ok: false,
      message: `No oil "${tube.oil}" is on the shelf. Choose one from the list.`,
      path: ['oil'],
    }
  const powders: { material: Material; share: number }[] = []
  for (const [index, { pigment, share }] of tube.pigments.entries()) {
    const material = findMaterial(pigment)
    if (!material)
      return {
        ok: false,
        message: `No pigment "${pigment}" is on the shelf. Choose one from the list.`,
        path: ['pigments', index, 'pigment'],
      }
    powders.push({ material: asInTube(material, tube), share })
  }
  const total = powders.reduce((sum, { share }) => sum + share, 0)
  if (!(total > 0))
    return { ok: false, message: 'A paint needs a pigment with a share above zero.', path: ['pigments'] }
  const mean = (of: (powder: Material) => number): number =>
    powders.reduce((sum, { material, share }) => sum + (of(material) * share) / total, 0)

  const oilPerPowder =
    tube.oilMassPercent === undefined
      ? ((tube.grind ?? defaultGrind) * mean(demandOf)) / staysOfVolume(oil)
      : ((tube.oilMassPercent / (100 - tube.oilMassPercent)) * mean((powder) => powder.densityGPerMl.mid)) /
        oil.densityGPerMl.mid
  const powderMl = 1 / (1 + oilPerPowder)
  return {
    ok: true,
    ingredients: [
      ...powders.map(({ material, share }) => ofVolume(material, (powderMl * share) / total)),
      ofVolume(oil, oilPerPowder * powderMl),
    ],
  }
}

/** A pigment as it behaves in this tube. */
function asInTube(pigment: Material, { rateTimes = 1, ...traits }: TubeTraits): Material {
  const { transparency, sinkingTendency, lightfastness, hazards = [] } = traits
  const isPlain = rateTimes === 1 && hazards.length === 0
  if (isPlain && !transparency && !sinkingTendency && !lightfastness) return pigment
  const { low, mid, high } = pigment.rate ?? { low: 1, mid: 1, high: 1 }
  return {
    ...pigment,
    kind: kindOf(pigment),
    rate: { low: low * rateTimes, mid: mid * rateTimes, high: high * rateTimes },
    ...(transparency && { transparency }),
    ...(sinkingTendency && { sinkingTendency }),
    ...(lightfastness && { lightfastness }),
    ...(hazards.length > 0 && { hazards: [...new Set([...(pigment.hazards ?? []), ...hazards])] }),
  }
}

/** So many ml of each, weighed out; what is on no shelf is left out. */
export const portionsOf = (
  parts: readonly { readonly material: string; readonly parts: number }[],
  findMaterial: FindMaterial,
): readonly Ingredient[] =>
  parts.flatMap(({ material: id, parts: ml }) => {
    const material = findMaterial(id)
    return material ? [ofVolume(material, ml)] : []
  })

/** What of a binder stays, of its volume: all of an oil, less of one sold with solvent or water in it. */
function staysOfVolume(binder: Material): number {
  const perGram = classMlPerGram(binder)
  return 1 - sumOf(perGram, leavingClasses) / sumOf(perGram)
}

export const ofVolume = (material: Material, volumeMl: number): Ingredient => ({
  material,
  volumeMl,
  massG: volumeMl * material.densityGPerMl.mid,
})

/** A tube's density, g/ml: the mass of what is in one ml of it. */
export const tubeDensity = massOf
