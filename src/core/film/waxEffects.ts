import type { Material } from '../materials/material.ts'
import type { Film } from './film.ts'

/** What wax does to paint: its look, and the warmth it bears (estimates). */
export interface WaxEffects {
  /** Wax of the dried film and of its organic binder, by mass. */
  readonly ofFilm: number
  readonly ofBinder: number
  readonly gloss: 'as it was' | 'at most satin' | 'matt'
  readonly chroma: 'as it was' | 'a little paler' | 'clearly paler, milky in the darks'
  /** The hottest room it bears, °C. */
  readonly hottestC: number
}

const satinFrom = 0.05
const mattFrom = 0.15
/** So rich in wax a film softens well below the wax itself, °C. */
const richSoftensC = 40
const usualSoftensC = 62
const marginC = 10

/** Null where there is no wax. */
export function waxEffectsOf(
  { binder, dry }: Pick<Film, 'binder' | 'dry'>,
  materials: readonly Material[],
): WaxEffects | null {
  const { wax } = binder
  if (wax === 0) return null
  const softens = materials.flatMap(({ shares, meltsC }) => (shares.wax && meltsC ? [meltsC.low] : []))
  const softensC = wax >= mattFrom ? richSoftensC : Math.min(usualSoftensC, ...softens)
  return {
    ofFilm: dry.byMass.wax,
    ofBinder: wax,
    gloss: wax >= mattFrom ? 'matt' : wax >= satinFrom ? 'at most satin' : 'as it was',
    chroma:
      wax >= mattFrom
        ? 'clearly paler, milky in the darks'
        : wax >= satinFrom
          ? 'a little paler'
          : 'as it was',
    hottestC: softensC - marginC,
  }
}
