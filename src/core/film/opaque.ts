import { massOf } from '../medium/amount.ts'
import { kindOf } from '../materials/material.ts'
import type { Material } from '../materials/material.ts'
import type { Ingredient } from '../medium/medium.ts'

/** How well an opaque pigment hides, titanium white = 1 (reckonings.md, Opaque contamination). */
const hiding: readonly (readonly [pattern: RegExp, weight: number])[] = [
  [/^pw6/, 1],
  [/^pw7|^py35|^py37|^po20|^pr108|^pr101|^pr102|^py42|^py43|^pbk11|^pbr7|^pbr6|^pg17/, 0.6],
  [/^pw1/, 0.4],
]
const otherHiding = 0.5

export const hidingOf = (pigment: Material): number => {
  if (pigment.family !== 'pigment' || pigment.transparency !== 'opaque') return 0
  const kind = kindOf(pigment)
  return hiding.find(([pattern]) => pattern.test(kind))?.[1] ?? otherHiding
}

/** Opaque pigment in a mix, each weighed by how it hides, of the mix by mass. */
export function opaqueShare(all: readonly Ingredient[]): number {
  const mass = massOf(all)
  return mass > 0 ? all.reduce((sum, { material, massG }) => sum + massG * hidingOf(material), 0) / mass : 0
}
