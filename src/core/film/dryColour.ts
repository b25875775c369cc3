import type { Ingredient } from '../medium/medium.ts'
import type { Film } from './film.ts'
import { defaultGrind } from './paint.ts'
import { powderMl } from './powder.ts'

/** A paint's own dry colour that makes so many ml of it as rich as tube paint, g; null where it is no fatter. */
export function dryColourToTubeG(film: Film, all: readonly Ingredient[], wetMl: number): number | null {
  const { binder, demand } = film.perDryVolume
  const wanted = binder / defaultGrind - demand
  if (!(film.pvc > 0) || !(demand > 0) || wanted <= 0) return null
  const dryMl = wetMl * (film.dryThicknessUm / film.wetThicknessUm)
  const demandPerPowderMl = demand / film.pvc
  const powders = all.map(({ material, massG }) => ({ ml: powderMl(material, massG), material }))
  const ml = powders.reduce((sum, one) => sum + one.ml, 0)
  const grams = powders.reduce((sum, one) => sum + one.ml * one.material.densityGPerMl.mid, 0)
  return ((dryMl * wanted) / demandPerPowderMl) * (grams / ml)
}
