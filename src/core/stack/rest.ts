import { solventGoneDays } from '../medium/solvents.ts'
import type { Material } from '../materials/material.ts'
import type { RemovalWay } from './event.ts'

/** After a film was dissolved, or a varnish taken off, what is bared rests so long, days. */
const dissolvedRestDays = 1
/** Wet scuffing has to dry before it is painted on, days. */
const scuffedRestDays = 0.25

/** Days until what is bared may be painted on, as far as the taking off goes (reckonings.md, Events). */
export function removalRestDays(how: RemovalWay, solvent: Material | null, temperatureC: number): number {
  if (how === 'dissolve' || how === 'varnish-off') return dissolvedRestDays
  if (how === 'sand-wet') return scuffedRestDays
  return solventGoneDays(solvent ? [solvent] : [], temperatureC)
}
