import { volumeOf } from '../medium/amount.ts'
import { normalised, sumOf } from '../materials/material.ts'
import type { Shares } from '../materials/material.ts'
import type { FindMaterial } from '../materials/find.ts'
import { massByClass } from '../medium/medium.ts'
import type { Ingredient } from '../medium/medium.ts'

/** How much of one thing is wanted in the batch. */
export interface Target {
  readonly material: string
  readonly grams: number
}

/** What went in, in the order it did; a spill is poured and gone again. */
export interface Pour {
  readonly material: string
  readonly grams: number
}

export interface Weighing extends Target {
  readonly poured: number
  /** Still to pour; below 0: too much is in. */
  readonly left: number
}

export function pouredG(pours: readonly Pour[], material: string): number {
  let sum = 0
  for (const pour of pours) if (pour.material === material) sum += pour.grams
  return sum
}

export const weighingsOf = (targets: readonly Target[], pours: readonly Pour[]): readonly Weighing[] =>
  targets.map((target) => {
    const poured = pouredG(pours, target.material)
    return { ...target, poured, left: target.grams - poured }
  })

/** How a poured amount stands to its target, within what a hand can pour. */
export type PourState = 'to pour' | 'right' | 'over'
/** A pour within this share of its target, or this much, is right. */
const withinShare = 0.01
const withinG = 0.05

export function pourStateOf({ grams, left }: Weighing): PourState {
  const slack = Math.max(withinG, grams * withinShare)
  return Math.abs(left) <= slack ? 'right' : left > 0 ? 'to pour' : 'over'
}

/** How a jar differs from what it was meant to be: what is missing, and what there is too much or too little of, in g. */
export interface Departure {
  readonly material: string
  readonly is: 'missing' | 'too much' | 'too little'
  readonly grams: number
}

/** A share within this of the one wanted, of itself or of the whole, is as wanted. */
const withinOfShare = 0.05
const withinOfWhole = 0.005

/**
 * Where the shares poured differ from the shares wanted; empty: it is what it is called, in whatever quantity. What was
 * poured by feel was never meant to be anything.
 */
export function departuresOf(targets: readonly Target[], pours: readonly Pour[]): readonly Departure[] {
  const wantedG = targets.reduce((sum, { grams }) => sum + grams, 0)
  const poured = weighingsOf(targets, pours)
  const inG = poured.reduce((sum, one) => sum + one.poured, 0)
  if (!(wantedG > 0) || !(inG > 0)) return []
  return poured.flatMap((one): Departure[] => {
    const [wanted, is] = [one.grams / wantedG, one.poured / inG]
    if (Math.abs(is - wanted) <= Math.max(withinOfWhole, withinOfShare * wanted)) return []
    const grams = Math.abs(one.poured - wanted * inG)
    if (one.poured === 0) return [{ material: one.material, is: 'missing', grams }]
    return [{ material: one.material, is: is > wanted ? 'too much' : 'too little', grams }]
  })
}

export interface Repair {
  /** New amounts in the same proportions; the overpoured line is right as it is. */
  readonly targets: readonly Target[]
  readonly totalG: number
  /** What has become too much. */
  readonly over: string
}

/**
 * The same proportions around what was poured too much: with target shares p and poured a, the new total is the largest
 * a/p (science.md, Overpour). Null when nothing is over.
 */
export function repairOf(targets: readonly Target[], pours: readonly Pour[]): Repair | null {
  const total = targets.reduce((sum, { grams }) => sum + grams, 0)
  let totalG = total
  let over: string | null = null
  for (const weighing of weighingsOf(targets, pours)) {
    const wanted = weighing.grams > 0 ? (weighing.poured / weighing.grams) * total : 0
    if (pourStateOf(weighing) === 'over' && wanted > totalG) [totalG, over] = [wanted, weighing.material]
  }
  if (over === null) return null
  return {
    totalG,
    over,
    targets: targets.map(({ material, grams }) => ({ material, grams: (grams / total) * totalG })),
  }
}

export interface Running {
  readonly massG: number
  readonly volumeMl: number
  readonly ofAll: Shares
  /** Filler and pigment left out of the count. */
  readonly ofOrganics: Shares
}

/** What is in the jar so far, by mass. */
export function runningOf(ingredients: readonly Ingredient[]): Running {
  const mass = massByClass(ingredients)
  return {
    massG: sumOf(mass),
    volumeMl: volumeOf(ingredients),
    ofAll: normalised(mass),
    ofOrganics: normalised({ ...mass, extender: 0, pigment: 0 }),
  }
}

/** True volume of amounts by weight, ml. */
export const volumeMlOf = (amounts: readonly Target[], findMaterial: FindMaterial): number =>
  amounts.reduce(
    (sum, { material, grams }) => sum + grams / (findMaterial(material)?.densityGPerMl.mid ?? 1),
    0,
  )
