import { isMassUnit, isVolumeUnit, massUnits, volumeUnits } from '../measure/units.ts'
import type { Amount } from '../measure/units.ts'
import { dropFactors } from '../materials/drops.ts'
import type { Material } from '../materials/material.ts'

export interface Warning {
  readonly code: string
  readonly message: string
  readonly line?: number
}

/** How much of one material a line holds. */
export interface Weighed {
  readonly massG: number
  /** True volume, ml: mass over the material's own density. */
  readonly volumeMl: number
  /** What the painter saw: the volume in the spoon, or the true volume of a weighed line. */
  readonly measuredMl: number
  readonly warning?: Warning
}

export type WeighResult =
  { readonly ok: true; readonly value: Weighed } | { readonly ok: false; readonly message: string }

const weighed = (material: Material, massG: number, measuredMl?: number, warning?: Warning): WeighResult => {
  const volumeMl = massG / material.densityGPerMl.mid
  return {
    ok: true,
    value: { massG, volumeMl, measuredMl: measuredMl ?? volumeMl, ...(warning && { warning }) },
  }
}

/**
 * Mass and volumes of an amount of one material (science.md, Amounts).
 *
 * A spoon of lumps or powder is weighed at its bulk density, because the air between the lumps is not material; a drop
 * is the material's own drop. `partMl` and `partG` are the size of a part; exactly one is given.
 * Refuses a drop of a solid and a spoon of dry pigment: both must be weighed.
 */
export function weigh(
  material: Material,
  { amount, unit }: Amount,
  part: { readonly ml: number } | { readonly g: number },
): WeighResult {
  if (isMassUnit(unit)) return weighed(material, amount * massUnits[unit])
  if (unit === 'drop') {
    if (!material.dropMl)
      return { ok: false, message: `${material.name} cannot be counted in drops. Weigh it, in g.` }
    const [low, high] = dropFactors(material).map((factor) => amount * material.dropMl! * factor) as [
      number,
      number,
    ]
    const grams = amount * material.dropMl * material.densityGPerMl.mid
    if (material.dropSpread !== undefined) return weighed(material, grams, amount * material.dropMl)
    return weighed(material, grams, amount * material.dropMl, {
      code: 'uncalibrated-drops',
      message: `${amount} drops of ${material.name} are anything from ${format(low)} to ${format(high)} ml until the dropper is calibrated.`,
    })
  }
  if (unit === 'part' && 'g' in part) return weighed(material, amount * part.g)
  const ml = isVolumeUnit(unit) ? amount * volumeUnits[unit] : amount * (part as { ml: number }).ml
  if (material.family === 'pigment')
    return {
      ok: false,
      message: `A spoon of dry ${material.name} tells nothing: its bulk is not known. Weigh it, in g.`,
    }
  const bulk = material.bulkDensityGPerMl
  if (!bulk) return weighed(material, ml * material.densityGPerMl.mid, ml)
  const share = Math.round((100 * bulk.mid) / material.densityGPerMl.mid)
  return weighed(material, ml * bulk.mid, ml, {
    code: 'bulk-volume',
    message: `${format(ml)} ml of ${material.name} is about ${share} % material by volume, the rest air between the lumps (estimate).`,
  })
}

const format = (value: number): string => String(Number(value.toPrecision(2)))
