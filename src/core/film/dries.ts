import { classMlPerGram, kindOf } from '../materials/material.ts'
import type { Ingredient } from '../medium/medium.ts'
import { actingShare, powderMl } from './powder.ts'

/** What of a film dries and what hurries or holds it: shares by volume of its oils and alkyds, and of its powders. */
export interface DryingParts {
  readonly oils: Readonly<Record<string, number>>
  /** An umber with its acting share, as in its drying speed. */
  readonly powders: Readonly<Record<string, number>>
}

/** The parts by which a studio learns how a film like this dries (reckonings.md, Learning), by kind of material. */
export function dryingPartsOf(all: readonly Ingredient[]): DryingParts {
  const [oils, powders] = [new Map<string, number>(), new Map<string, number>()]
  const add = (to: Map<string, number>, kind: string, ml: number): void => {
    if (ml > 0) to.set(kind, (to.get(kind) ?? 0) + ml)
  }
  for (const { material, massG } of all) {
    const perGram = classMlPerGram(material)
    add(oils, kindOf(material), massG * (perGram.oil + perGram.alkyd))
    add(powders, kindOf(material), powderMl(material, massG))
  }
  return { oils: sharesOf(oils), powders: sharesOf(powders, actingShare) }
}

function sharesOf(
  ml: ReadonlyMap<string, number>,
  acting = (_kind: string, share: number): number => share,
): Readonly<Record<string, number>> {
  const whole = [...ml.values()].reduce((sum, part) => sum + part, 0)
  return Object.fromEntries([...ml].map(([kind, part]) => [kind, acting(kind, part / whole)]))
}
