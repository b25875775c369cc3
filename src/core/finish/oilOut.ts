import { oilGPerMl } from '../film/sinking.ts'
import { kindTable, usualWiped } from '../stack/kinds.ts'

/** Oil rubbed on a dull place and wiped off again (reckonings.md, Oil-out). */
export interface OilOutIdea {
  readonly areaM2: number
  /** ml on a square metre before it is wiped. */
  readonly mlPerM2: number
  readonly parts: { readonly oil: number; readonly solvent: number }
  /** Of what was rubbed on, 0..1. */
  readonly wipedShare: number
}

export const usualOilOut = { mlPerM2: kindTable['oil-out'].wetUm, wipedShare: usualWiped } as const

/** What becomes of the oil that is left: it joins what is painted into it, must be painted into in time, or is a layer. */
export type OilLeft = 'joins' | 'paint-into' | 'layer'

export interface OilOut {
  readonly totalMl: number
  readonly oilMl: number
  readonly solventMl: number
  readonly oilLeftMl: number
  /** 1 µm is 1 ml on a square metre. */
  readonly leftUm: number
  readonly leftGPerM2: number
  readonly kind: OilLeft
}

/** So much left is silent, and so much still joins the paint over it, µm (rules.md 10). */
const [silentUm, joinsUm] = [3, 8]
const slack = 1e-9

export const kindOfLeft = (leftUm: number): OilLeft =>
  leftUm <= silentUm + slack ? 'joins' : leftUm <= joinsUm + slack ? 'paint-into' : 'layer'

/** Millilitres of each part, and what stays once it is wiped. */
export function oilOut({ areaM2, mlPerM2, parts, wipedShare }: OilOutIdea): OilOut {
  const totalMl = areaM2 * mlPerM2
  const oilShare = parts.oil / (parts.oil + parts.solvent)
  const oilMl = totalMl * oilShare
  const oilLeftMl = oilMl * (1 - wipedShare)
  const leftUm = oilLeftMl / areaM2
  return {
    totalMl,
    oilMl,
    solventMl: totalMl - oilMl,
    oilLeftMl,
    leftUm,
    leftGPerM2: leftUm * oilGPerMl,
    kind: kindOfLeft(leftUm),
  }
}
