import type { FindMaterial } from '../materials/find.ts'
import { addingTo } from './putty.ts'
import { filmOf, leannessOf } from '../film/film.ts'
import { tubeDensity, tubeIngredients } from '../film/paint.ts'

/** Oil stirred into paint from a tube, to make the next layer a step fatter. */
export interface OilToAdd {
  readonly oilG: number
  readonly oilMl: number
  /** Oil of the paint by mass, before and after. */
  readonly from: number
  readonly to: number
  /** Fat over what the powder needs, before and after; null where the film has none or no powder. */
  readonly fat: readonly [number | null, number | null]
}

/** The film's fatness does not rest on how thick it is laid; any thickness will do. */
const wetThicknessUm = 60

/**
 * How much of its own oil brings a paint up by a share of its mass (`addingTo`), and how fat it is by then. Null where
 * adding oil cannot get there, or the pigment or the oil is not to be found.
 */
export function oilToAdd(
  { pigment, oil }: { readonly pigment: string; readonly oil: string },
  paintG: number,
  by: number,
  findMaterial: FindMaterial,
): OilToAdd | null {
  const tube = tubeIngredients({ pigments: [{ pigment, share: 1 }], oil }, findMaterial)
  const material = findMaterial(oil)
  if (!tube.ok || !material) return null
  const density = tubeDensity(tube.ingredients)
  const from = tube.ingredients.at(-1)!.massG / density
  const oilG = addingTo(paintG, from, from + by)
  if (oilG === null) return null
  const oilMl = oilG / material.densityGPerMl.mid
  const paints = [{ pigments: [{ pigment, share: 1 }], oil, parts: paintG / density }]
  const added = { material, massG: oilG, volumeMl: oilMl }
  const fatOf = (mixture: object): number | null => {
    const made = filmOf({ paints, wetThicknessUm, ...mixture }, findMaterial)
    const leanness = made.ok ? leannessOf(made.film.perDryVolume) : null
    return leanness ? 1 / leanness : null
  }
  const medium = { ingredients: [added], parts: oilMl }
  return { oilG, oilMl, from, to: from + by, fat: [fatOf({}), fatOf(oilMl > 0 ? { medium } : {})] }
}
