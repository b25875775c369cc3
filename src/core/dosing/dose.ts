import { volumeOf } from '../medium/amount.ts'
import { binderClasses, sumOf } from '../materials/material.ts'
import type { Shares } from '../materials/material.ts'
import { demandOf } from '../materials/demand.ts'
import { fatSharesOf } from '../medium/fat.ts'
import { drierLoadG } from '../medium/driers.ts'
import { defaultLimits } from '../practice/limits.ts'
import { massByClass, volumeByClass, withoutVolatiles } from '../medium/medium.ts'
import type { Ingredient } from '../medium/medium.ts'
import { againstLimit, cornersOf, spanOf } from '../medium/span.ts'
import type { LimitAnswer, Span } from '../medium/span.ts'

/** What of a film a limit is on, and of what it is a share. */
export const cappedShares = ['resin', 'wax', 'solubles', 'oil'] as const
export type CappedShare = (typeof cappedShares)[number]
export const bases = ['binder-mass', 'film-mass', 'film-volume', 'mix-mass', 'mix-volume'] as const
export type Basis = (typeof bases)[number]
export const basisNames: Readonly<Record<Basis, string>> = {
  'binder-mass': 'of the organic binder by mass',
  'film-mass': 'of the dried film by mass',
  'film-volume': 'of the dried film by volume',
  'mix-mass': 'of the mix by mass',
  'mix-volume': 'of the mix by true volume',
}

export interface Cap {
  readonly what: CappedShare
  readonly of: Basis
  readonly most: number
}

/** Sums of one side, paint or medium, that every share of their mix is made of. All per ml of the side's own volume. */
export interface Side {
  readonly wetVolumes: Shares
  readonly dryVolumes: Shares
  readonly wetMass: Shares
  readonly dryMass: Shares
  readonly demandMl: number
  /** Metal of driers over the most advised, times the oil and alkyd it is advised on; g. */
  readonly drierLoadG: number
  /** Oil that never dries, of all oil and alkyd; ml. */
  readonly nonDryingMl: number
}

export function sideOf(ingredients: readonly Ingredient[]): Side {
  const volume = volumeOf(ingredients)
  const per = ingredients.map(({ material, massG, volumeMl }) => ({
    material,
    massG: massG / volume,
    volumeMl: volumeMl / volume,
  }))
  const [wetVolumes, wetMass] = [volumeByClass(per), massByClass(per)]
  return {
    wetVolumes,
    wetMass,
    dryVolumes: withoutVolatiles(wetVolumes),
    dryMass: withoutVolatiles(wetMass),
    demandMl: per.reduce(
      (sum, one) => sum + (one.material.oilAbsorption ? demandOf(one.material) * one.volumeMl : 0),
      0,
    ),
    drierLoadG: drierLoadG(per),
    nonDryingMl: fatSharesOf(per).nonDrying * (wetVolumes.oil + wetVolumes.alkyd),
  }
}

/** One point along the dose: `ofMix` is the medium's share of the mix by true volume. Shares are of the dried film or its binder. */
export interface DosePoint {
  readonly ofMix: number
  readonly resinOfBinder: number
  readonly waxOfBinder: number
  readonly solublesOfBinder: number
  readonly oilContent: number
  /** Null without powder that needs oil. */
  readonly binderRatio: number | null
}

const mixed = (paint: number, medium: number, ofMix: number): number => paint * (1 - ofMix) + medium * ofMix

export function doseAt(paint: Side, medium: Side, ofMix: number): DosePoint {
  const mass = (of: (side: Side) => number): number => mixed(of(paint), of(medium), ofMix)
  const binderMass = mass(({ dryMass }) => sumOf(dryMass, binderClasses))
  const of = (part: number): number => (binderMass > 0 ? part / binderMass : 0)
  const [resin, wax] = [mass(({ dryMass }) => dryMass.resin), mass(({ dryMass }) => dryMass.wax)]
  const dryVolume = mass(({ dryVolumes }) => sumOf(dryVolumes))
  const demand = mass(({ demandMl }) => demandMl)
  return {
    ofMix,
    resinOfBinder: of(resin),
    waxOfBinder: of(wax),
    solublesOfBinder: of(resin + wax),
    oilContent: dryVolume > 0 ? mass(({ dryVolumes }) => dryVolumes.oil + dryVolumes.alkyd) / dryVolume : 0,
    binderRatio: demand > 0 ? mass(({ dryVolumes }) => sumOf(dryVolumes, binderClasses)) / demand : null,
  }
}

/** Even steps of the dose from none to `most` of the mix by volume. */
export const evenDoses = (count = 101, most = 0.5): readonly number[] =>
  Array.from({ length: count }, (_, index) => (index * most) / (count - 1))

const parts: Readonly<Record<CappedShare, (shares: Shares) => number>> = {
  resin: ({ resin }) => resin,
  wax: ({ wax }) => wax,
  solubles: ({ resin, wax }) => resin + wax,
  oil: ({ oil, alkyd }) => oil + alkyd,
}
const wholes: Readonly<Record<Basis, (side: Side) => readonly [part: Shares, whole: number]>> = {
  'binder-mass': ({ dryMass }) => [dryMass, sumOf(dryMass, binderClasses)],
  'film-mass': ({ dryMass }) => [dryMass, sumOf(dryMass)],
  'film-volume': ({ dryVolumes }) => [dryVolumes, sumOf(dryVolumes)],
  'mix-mass': ({ wetMass }) => [wetMass, sumOf(wetMass)],
  'mix-volume': ({ wetVolumes }) => [wetVolumes, sumOf(wetVolumes)],
}

/** The capped part and the whole it is a share of, in one ml of a side. */
export function cappedOf(
  side: Side,
  { what, of }: Pick<Cap, 'what' | 'of'>,
): readonly [part: number, whole: number] {
  const [shares, whole] = wholes[of](side)
  return [parts[what](shares), whole]
}

export function shareAt(paint: Side, medium: Side, cap: Pick<Cap, 'what' | 'of'>, ofMix: number): number {
  const [paintPart, paintWhole] = cappedOf(paint, cap)
  const [mediumPart, mediumWhole] = cappedOf(medium, cap)
  const whole = mixed(paintWhole, mediumWhole, ofMix)
  return whole > 0 ? mixed(paintPart, mediumPart, ofMix) / whole : 0
}

/** The dose, of the mix by volume, at which a cap is just kept; Infinity where no dose breaks it, 0 where the paint alone does. */
export function doseAtCap(paint: Side, medium: Side, cap: Cap): number {
  const [paintPart, paintWhole] = cappedOf(paint, cap)
  const [mediumPart, mediumWhole] = cappedOf(medium, cap)
  return crossing(cap.most * paintWhole - paintPart, mediumPart - cap.most * mediumWhole)
}

/** What of a medium binds or is fat in the dried film, neither solvent nor powder; and all that stays of a side. */
const bindingOf = ({ dryVolumes }: Side): number =>
  sumOf(dryVolumes) - dryVolumes.pigment - dryVolumes.extender
const staysOf = ({ dryVolumes }: Side): number => sumOf(dryVolumes)

/** How much medium there is at a dose: the medium less its solvent and powder, of the mix less solvent (rules.md, medium-limit). */
export function mediumAt(paint: Side, medium: Side, ofMix: number): number {
  const whole = mixed(staysOf(paint), staysOf(medium), ofMix)
  return whole > 0 ? (ofMix * bindingOf(medium)) / whole : 0
}

/** The dose, of the mix by volume, at which there is just so much medium; Infinity where no dose brings it there. */
const doseAtMedium = (paint: Side, medium: Side, most: number): number =>
  crossing(most * staysOf(paint), bindingOf(medium) - most * staysOf(medium))

/** The dose at which oil that never dries begins to be watched in the film. */
function doseAtWetOil(paint: Side, medium: Side): number {
  const most = defaultLimits.nonDrying.watch
  const fatMl = ({ dryVolumes }: Side): number => dryVolumes.oil + dryVolumes.alkyd
  return crossing(most * fatMl(paint) - paint.nonDryingMl, medium.nonDryingMl - most * fatMl(medium))
}

/** Where (1 - f) spare = f excess. */
const crossing = (spare: number, excess: number): number =>
  spare < 0 ? 0 : excess <= 0 ? Infinity : spare / (spare + excess)

export interface LargestDose {
  /** Of the mix by true volume; Infinity: no limit is met. */
  readonly ofMix: number
  /** What stops it there. */
  readonly stops: Cap | 'medium' | 'drier' | 'never dries' | null
}

/**
 * The largest dose of a finished medium that keeps every cap, its driers' maxima, and the practice's own limit on how much
 * medium there may be, as `mediumAt` counts it. A product known only as a range is taken at its worst.
 */
export function largestDose(
  paint: Side,
  ingredients: readonly Ingredient[],
  caps: readonly Cap[],
  mostMedium: number | null = null,
): LargestDose {
  let best: LargestDose = { ofMix: Infinity, stops: null }
  for (const medium of cornersOf(ingredients).map(sideOf)) {
    const byMedium = mostMedium === null ? Infinity : doseAtMedium(paint, medium, mostMedium)
    if (byMedium < best.ofMix) best = { ofMix: byMedium, stops: 'medium' }
    for (const cap of caps) {
      const ofMix = doseAtCap(paint, medium, cap)
      if (ofMix < best.ofMix) best = { ofMix, stops: cap }
    }
    const fat = (side: Side): number => side.dryMass.oil + side.dryMass.alkyd
    const ofMix = crossing(fat(paint) - paint.drierLoadG, medium.drierLoadG - fat(medium))
    if (ofMix < best.ofMix) best = { ofMix, stops: 'drier' }
    const byWetOil = doseAtWetOil(paint, medium)
    if (byWetOil < best.ofMix) best = { ofMix: byWetOil, stops: 'never dries' }
  }
  return best
}

/** How a cap stands at a dose, as far as the products in it are known. */
export interface DoseStanding {
  readonly cap: Cap
  readonly share: Span
  readonly answer: LimitAnswer
  /** The dose that surely keeps it, of the mix by true volume; Infinity: any. */
  readonly safeOfMix: number
}

export function standingsAt(
  paint: Side,
  ingredients: readonly Ingredient[],
  caps: readonly Cap[],
  ofMix: number,
): readonly DoseStanding[] {
  const corners = cornersOf(ingredients).map(sideOf)
  return caps.map((cap) => {
    const share = spanOf(corners.map((medium) => shareAt(paint, medium, cap, ofMix)))
    return {
      cap,
      share,
      answer: againstLimit(share, cap.most),
      safeOfMix: Math.min(...corners.map((medium) => doseAtCap(paint, medium, cap))),
    }
  })
}
