import type { Step } from '../../core/palette/consistency.ts'
import { measuredAtLeast } from '../../core/palette/measured.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import type { Material } from '../../core/materials/material.ts'
import { besidesTogether } from './besides.ts'
import type { Besides } from './besides.ts'
import type { HeapDocument } from '../palette.ts'

/** Solvent that was added to a heap alone, ml. */
export const addedThinnerMl = ({ added }: Pick<HeapDocument, 'added'>, findMaterial: FindMaterial): number =>
  added.reduce((sum, { material, parts }) => sum + (isSolvent(findMaterial(material)) ? parts : 0), 0)

interface Taking {
  readonly thinner: Material | null
  readonly findMaterial: FindMaterial
}

/**
 * What is added to a heap once a step to another consistency is taken with it alone: oil of its own tube, or thinner. Null
 * where there is nothing to do, where paint is wanted, or where what stands in the way was poured into every heap.
 */
export function takeStep(
  heap: Pick<HeapDocument, 'added' | 'paints'>,
  { thinnerMl, oilMl, paintMl, mediumSolvent }: Step,
  { thinner, findMaterial }: Taking,
): Besides | null {
  const oil = findMaterial(heap.paints[0]!.oil)
  const isLacking = (oilMl > 0 && oil?.family !== 'oil') || (thinnerMl > 0 && !thinner) || paintMl > 0
  const isStuck = mediumSolvent || -thinnerMl > addedThinnerMl(heap, findMaterial) + nothing
  if (isLacking || isStuck || (thinnerMl === 0 && oilMl === 0)) return null
  const kept = thinnerMl < 0 ? lessThinner(heap.added, -thinnerMl, findMaterial) : heap.added
  const more = [
    ...(thinner && thinnerMl > 0 ? [{ material: thinner.id, parts: measuredAtLeast(thinnerMl) }] : []),
    ...(oil && oilMl > 0 ? [{ material: oil.id, parts: measuredAtLeast(oilMl) }] : []),
  ]
  return besidesTogether([kept, more])
}

const nothing = 1e-6
const isSolvent = (material: Material | undefined): boolean => material?.family === 'solvent'

function lessThinner(added: Besides, ml: number, findMaterial: FindMaterial): Besides {
  let left = ml
  return added.flatMap(({ material, parts }) => {
    const out = isSolvent(findMaterial(material)) ? Math.min(parts, left) : 0
    left -= out
    return parts - out > nothing ? [{ material, parts: parts - out }] : []
  })
}
