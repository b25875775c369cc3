import { classMlPerGram, kindOf } from '../materials/material.ts'
import type { Material } from '../materials/material.ts'
import type { Ingredient } from './medium.ts'

/** What the oils and alkyds of a mix are, as shares of them by volume; all 0 where there is none. */
export interface FatShares {
  /** Of oils that never dry (`neverDries`). */
  readonly nonDrying: number
  /** Of egg yolk's own fat. */
  readonly yolk: number
  readonly tung: number
  readonly heatBodied: number
  /** Of oil cooked with lead, and of oil boiled with driers. */
  readonly leaded: number
  readonly boiled: number
  readonly alkyd: number
  /** How its oils yellow, 1 little to 5 much, as a mean by volume; of alkyd, and where it is not known, 3. */
  readonly yellowing: number
}

/** An oil slower than this, raw linseed = 1, never dries (rules.md, Terms). */
const neverDriesBelow = 0.2

/** Whether a material brings oil that stays wet for good. Yolk hardens by losing its water, whatever its fat does. */
export const neverDries = ({ family, rate, shares }: Material): boolean =>
  family !== 'egg' && fatShare(shares) > 0 && (rate?.mid ?? 1) < neverDriesBelow

const fatShare = ({ oil = 0, alkyd = 0 }: Material['shares']): number => oil + alkyd

const heatBodied = ['linseed_stand_oil', 'linseed_vacuum_bodied', 'linseed_light_bodied']

/** A share of the fat each material counts into, by what kind of oil it is. */
type Special = Exclude<keyof FatShares, 'alkyd' | 'yellowing'>

const specialOf = (material: Material): Special | null => {
  const kind = kindOf(material)
  if (material.family === 'egg') return 'yolk'
  if (neverDries(material)) return 'nonDrying'
  if (kind === 'tung') return 'tung'
  if (kind === 'black_oil_leaded') return 'leaded'
  if (kind === 'linseed_boiled_metal_drier') return 'boiled'
  return heatBodied.includes(kind) ? 'heatBodied' : null
}

const usualYellowing = 3
const yellowingOf = ({ family, yellowing }: Material): number =>
  family === 'oil' ? (yellowing ?? usualYellowing) : usualYellowing

/** What the fat of a mix is, and how fast it dries, raw linseed = 1; reckoned in one go, because every film asks. */
export interface Fat {
  readonly shares: FatShares
  /** Mean drying speed by volume, and the same with egg yolk left out; 0 without any. */
  readonly rate: number
  readonly rateWithoutEgg: number
}

export function fatOf(all: readonly Ingredient[]): Fat {
  const ml = { nonDrying: 0, yolk: 0, tung: 0, heatBodied: 0, leaded: 0, boiled: 0, alkyd: 0 }
  let [fat, weighted, yellows, eggless, egglessWeighted] = [0, 0, 0, 0, 0]
  for (const { material, massG } of all) {
    if (fatShare(material.shares) === 0) continue
    const perGram = classMlPerGram(material)
    const own = massG * (perGram.oil + perGram.alkyd)
    const rated = own * (material.rate?.mid ?? 1)
    fat += own
    weighted += rated
    yellows += own * yellowingOf(material)
    ml.alkyd += massG * perGram.alkyd
    const special = specialOf(material)
    if (special) ml[special] += own
    if (special !== 'yolk') {
      eggless += own
      egglessWeighted += rated
    }
  }
  const share = (part: number): number => (fat > 0 ? part / fat : 0)
  return {
    shares: {
      nonDrying: share(ml.nonDrying),
      yolk: share(ml.yolk),
      tung: share(ml.tung),
      heatBodied: share(ml.heatBodied),
      leaded: share(ml.leaded),
      boiled: share(ml.boiled),
      alkyd: share(ml.alkyd),
      yellowing: share(yellows),
    },
    rate: share(weighted),
    rateWithoutEgg: eggless > 0 ? egglessWeighted / eggless : 0,
  }
}

export const fatSharesOf = (all: readonly Ingredient[]): FatShares => fatOf(all).shares

/** Whether all the fat there is is egg yolk's own. */
export const isAllYolk = ({ yolk }: FatShares): boolean => yolk > 1 - 1e-9
