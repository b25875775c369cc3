import { binderClasses, classMlPerGram, normalised, sumOf } from '../materials/material.ts'
import type { Shares } from '../materials/material.ts'
import type { FindMaterial } from '../materials/find.ts'
import { massByClass, scaledIngredients, volumeByClass, withoutVolatiles } from '../medium/medium.ts'
import type { Ingredient } from '../medium/medium.ts'
import { drierEffect } from '../cure/drier.ts'
import type { DrierDose } from '../cure/drier.ts'
import { clamp } from '../clamp.ts'
import { drink } from './drinking.ts'
import { demandOf, ofVolume, tubeIngredients } from './paint.ts'
import type { Tube } from './paint.ts'

/** What goes on the brush for one layer. Parts are true volumes. */
export interface Mixture {
  readonly paints: readonly (Tube & { readonly parts: number })[]
  readonly medium?: { readonly ingredients: readonly Ingredient[]; readonly parts: number }
  readonly thinner?: { readonly material: string; readonly parts: number }
  readonly wetThicknessUm: number
  /** What lies underneath still drinks, µm (= ml/m²). */
  readonly suctionUm?: number
}

export type Surface = 'glossy' | 'satin' | 'matt' | 'underbound'

/** A dried film. Ratios without a unit are fractions; null where the question has no meaning (no powder, no fat). */
export interface Film {
  readonly dryThicknessUm: number
  /** Powder over dry volume, and the same where the binder would just fill the gaps. */
  readonly pvc: number
  readonly cpvc: number | null
  /** (oil + alkyd) over dry volume. */
  readonly oilContent: number
  /** Binder over what the powder needs: 1 just bound, a neat tube 1.25. */
  readonly binderRatio: number | null
  readonly binderRatioAfterDrinking: number | null
  /** Demand over fat (alkyd counting half): neat tube 0.80, a glaze 0.2 to 0.4, clear oil 0. Null: powder and no fat at all. */
  readonly leanness: number | null
  readonly suctionLeftUm: number
  readonly surface: Surface | null
  readonly dry: { readonly byVolume: Shares; readonly byMass: Shares }
  readonly rate: number
  readonly q: number
  readonly flexPlain: number | null
  readonly flex: number | null
  /** What the judge and the why panels read beside the above. */
  readonly more: FilmDetail
}

export interface FilmDetail {
  /** Fractions of the wet mix by volume. */
  readonly mediumShare: number
  readonly thinnerShare: number
  readonly volatileShare: number
  /** Fractions of the organic binder by mass. */
  readonly resinOfBinder: number
  readonly waxOfBinder: number
  /** Zinc white (lithopone counts half) in the powder, by volume. */
  readonly zincOfPowder: number
  /** Opaque powder in all the powder, by volume. */
  readonly opaqueOfPowder: number
  readonly wetThicknessUm: number
  readonly suctionUm: number
  /** Demand, oil and alkyd per unit dry volume. */
  readonly demand: number
  readonly oil: number
  readonly alkyd: number
  readonly binder: number
  readonly alkydOfBinder: number
  readonly driers: readonly DrierDose[]
  readonly start: number
  readonly through: number
  /** False when its oil never dries hard by itself. */
  readonly hardens: boolean
}

export type FilmResult =
  | { readonly ok: true; readonly film: Film }
  | { readonly ok: false; readonly message: string; readonly path: readonly (string | number)[] }

/** Rate below which a film is said never to harden. */
const neverHardensRate = 0.05

/**
 * The film that paint, medium and thinner dry to (science.md, Paint and Film).
 * Fails, saying where, when a material is not on the shelf or the mixture is empty.
 */
export function filmOf(mixture: Mixture, findMaterial: FindMaterial): FilmResult {
  const paint: Ingredient[] = []
  for (const [index, { parts, ...tube }] of mixture.paints.entries()) {
    const found = tubeIngredients(tube, findMaterial)
    if (!found.ok) return { ...found, path: ['paints', index, ...found.path] }
    paint.push(...scaledIngredients(found.ingredients, parts))
  }
  const medium = mixture.medium ? toVolume(mixture.medium.ingredients, mixture.medium.parts) : []
  const thinner: Ingredient[] = []
  if (mixture.thinner) {
    const material = findMaterial(mixture.thinner.material)
    if (!material)
      return {
        ok: false,
        message: `No thinner "${mixture.thinner.material}" is on the shelf. Choose one from the list.`,
        path: ['thinner', 'material'],
      }
    thinner.push(ofVolume(material, mixture.thinner.parts))
  }
  const all = [...paint, ...medium, ...thinner]
  const wetVolume = volumeOf(all)
  if (!(wetVolume > 0))
    return {
      ok: false,
      message: 'Nothing is in the mixture. Give the paint or the medium at least one part.',
      path: ['paints'],
    }
  const dryVolumes = withoutVolatiles(volumeByClass(all))
  if (!(sumOf(dryVolumes) > 0))
    return {
      ok: false,
      message:
        'The mixture dries to nothing: it is all solvent or water. Add paint or a medium with oil in it.',
      path: ['paints'],
    }
  return { ok: true, film: driedFilm(all, mixture, { medium, thinner, wetVolume, dryVolumes }) }
}

/** How much of an alkyd counts as fat unless the practice says otherwise. */
export const defaultAlkydWeight = 0.5

/** Demand over fat, fat = oil + weight × alkyd; null where there is powder and no fat. */
export function leannessOf(
  { demand, oil, alkyd }: Pick<FilmDetail, 'demand' | 'oil' | 'alkyd'>,
  alkydWeight = defaultAlkydWeight,
): number | null {
  const fat = oil + alkydWeight * alkyd
  return fat > 0 ? demand / fat : demand > 0 ? null : 0
}

interface Sums {
  readonly medium: readonly Ingredient[]
  readonly thinner: readonly Ingredient[]
  readonly wetVolume: number
  readonly dryVolumes: Shares
}

function driedFilm(
  all: readonly Ingredient[],
  mixture: Mixture,
  { medium, thinner, wetVolume, dryVolumes }: Sums,
): Film {
  const dryVolume = sumOf(dryVolumes)
  const volatileShare = 1 - dryVolume / wetVolume
  const dryThicknessUm = mixture.wetThicknessUm * (1 - volatileShare)
  const powder = dryVolumes.pigment + dryVolumes.extender
  const binder = sumOf(dryVolumes, binderClasses)
  const { oil, alkyd } = dryVolumes
  const fat = oil + alkyd
  const demand = all.reduce(
    (sum, { material, massG }) => sum + demandOf(material) * powderMl(material, massG),
    0,
  )
  const binderRatio = demand > 0 ? binder / demand : null

  const suctionUm = mixture.suctionUm ?? 0
  const drunk = drink({
    suctionUm,
    volatileShare,
    binderUm: (dryThicknessUm * binder) / dryVolume,
    binderRatio,
    demandUm: (dryThicknessUm * demand) / dryVolume,
    dryThicknessUm,
  })

  const dryMass = withoutVolatiles(massByClass(all))
  const organic = sumOf(dryMass, binderClasses)
  const flexPlain = flexOf(all, dryVolumes, dryVolume, powder)
  const driers = drierDoses(all, dryMass)
  const { start, through } = drierEffect(driers, demand > 0)
  const rate = rateOf(all, powder, binderRatio)
  const opaque = powderVolume(all, ({ material }) => (material.transparency === 'opaque' ? 1 : 0))

  return {
    dryThicknessUm,
    pvc: powder / dryVolume,
    cpvc: demand > 0 ? powder / (powder + demand) : null,
    oilContent: fat / dryVolume,
    binderRatio,
    binderRatioAfterDrinking: drunk.binderRatioAfter,
    leanness: leannessOf({ demand, oil, alkyd }),
    suctionLeftUm: drunk.suctionLeftUm,
    surface: surfaceOf(all, dryVolumes, binder, powder, drunk.binderRatioAfter),
    dry: { byVolume: normalised(dryVolumes), byMass: normalised(dryMass) },
    rate,
    q: (fat / dryVolume) * drunk.binderKept,
    flexPlain,
    flex:
      flexPlain === null
        ? null
        : flexPlain *
          (drunk.binderRatioAfter === null ? 1.6 : clamp(1.6 - 0.75 / drunk.binderRatioAfter, 0.6, 1.6)),
    more: {
      mediumShare: volumeOf(medium) / wetVolume,
      thinnerShare: volumeOf(thinner) / wetVolume,
      volatileShare,
      resinOfBinder: organic > 0 ? dryMass.resin / organic : 0,
      waxOfBinder: organic > 0 ? dryMass.wax / organic : 0,
      zincOfPowder: zincShare(all, powder),
      opaqueOfPowder: powder > 0 ? opaque / powder : 0,
      wetThicknessUm: mixture.wetThicknessUm,
      suctionUm,
      demand: demand / dryVolume,
      oil: oil / dryVolume,
      alkyd: alkyd / dryVolume,
      binder: binder / dryVolume,
      alkydOfBinder: binder > 0 ? alkyd / binder : 0,
      driers,
      start,
      through,
      hardens: fat > 0 && rate >= neverHardensRate,
    },
  }
}

const volumeOf = (ingredients: readonly Ingredient[]): number =>
  ingredients.reduce((sum, { volumeMl }) => sum + volumeMl, 0)

const toVolume = (ingredients: readonly Ingredient[], volumeMl: number): readonly Ingredient[] =>
  scaledIngredients(ingredients, volumeMl / volumeOf(ingredients))

function powderMl(material: Ingredient['material'], massG: number): number {
  if (!material.shares.pigment && !material.shares.extender) return 0
  const perGram = classMlPerGram(material)
  return massG * (perGram.pigment + perGram.extender)
}

/** Sum over the powders of their volume times a weight. */
const powderVolume = (all: readonly Ingredient[], weight: (ingredient: Ingredient) => number): number =>
  all.reduce((sum, ingredient) => {
    const ml = powderMl(ingredient.material, ingredient.massG)
    return ml > 0 ? sum + ml * weight(ingredient) : sum
  }, 0)

const umbers: readonly string[] = ['pbr7_raw_umber', 'pbr7_burnt_umber']

/** Drying speed: mean of the oils and alkyds, times what the powders do to it (an umber is a catalyst: little goes far). */
function rateOf(all: readonly Ingredient[], powder: number, binderRatio: number | null): number {
  let fat = 0
  let weighted = 0
  for (const { material, massG } of all) {
    if (!material.shares.oil && !material.shares.alkyd) continue
    const perGram = classMlPerGram(material)
    const fatMl = massG * (perGram.oil + perGram.alkyd)
    fat += fatMl
    weighted += fatMl * (material.rate?.mid ?? 1)
  }
  if (fat === 0) return 0
  const load = binderRatio === null ? 1 : Math.min(1, 1.25 / binderRatio)
  const exponent =
    powder > 0
      ? all.reduce((sum, { material, massG }) => {
          if (material.family !== 'pigment' || !material.rate) return sum
          const share = powderMl(material, massG) / powder
          const acting = umbers.includes(material.id) ? (1.1 * share) / (share + 0.1) : share
          return sum + acting * Math.log(material.rate.mid)
        }, 0)
      : 0
  return (weighted / fat) * Math.exp(load * exponent)
}

const zincWeight: Record<string, number> = { pw4: 1, pw5: 0.5 }
const zincShare = (all: readonly Ingredient[], powder: number): number =>
  powder > 0 ? powderVolume(all, ({ material }) => zincWeight[material.id] ?? 0) / powder : 0

function flexOf(
  all: readonly Ingredient[],
  dryVolumes: Shares,
  dryVolume: number,
  powder: number,
): number | null {
  const fat = dryVolumes.oil + dryVolumes.alkyd
  if (fat === 0) return null
  const stretch = all.reduce((sum, { material, massG }) => {
    if (!material.shares.oil && !material.shares.alkyd) return sum
    const perGram = classMlPerGram(material)
    return (
      sum +
      massG *
        (perGram.oil * (material.family === 'alkyd' ? 1 : (material.flexFactor ?? 1)) + perGram.alkyd * 0.9)
    )
  }, 0)
  const resinPercent = (100 * dryVolumes.resin) / dryVolume
  return clamp(
    (stretch / fat - 0.06 * Math.max(0, resinPercent - 5)) / (1 + 4 * zincShare(all, powder)),
    0.05,
    1.3,
  )
}

/** How the dried surface looks (model): what is left of the binder, less what the pigment tends to sink; wax and egg dull it. */
function surfaceOf(
  all: readonly Ingredient[],
  dryVolumes: Shares,
  binder: number,
  powder: number,
  after: number | null,
): Surface | null {
  if (after === null) return null
  if (after < 0.9) return 'underbound'
  const sinking = powderVolume(all, ({ material }) => material.sinkingTendency ?? 1) / powder
  const richness = after - Math.min(0.15, 0.03 * (sinking - 1))
  const waxShare = dryVolumes.wax / binder
  if (richness < 1.05 || waxShare >= 0.15) return 'matt'
  return richness < 1.35 || waxShare >= 0.05 || dryVolumes.protein / binder >= 0.03 ? 'satin' : 'glossy'
}

/** Sum over the driers of their metal over the most advised, in g of the oil and alkyd it is enough for. */
export const drierLoadG = (all: readonly Ingredient[]): number =>
  all.reduce(
    (sum, { material, massG }) =>
      sum +
      (material.maxMetalPercent ? (massG * (material.metalPercent ?? 0)) / material.maxMetalPercent : 0),
    0,
  )

/** Metal of each drier on oil and alkyd, % by mass; clove oil on the wet paint, % by mass. */
function drierDoses(all: readonly Ingredient[], dryMass: Shares): readonly DrierDose[] {
  const fatG = dryMass.oil + dryMass.alkyd
  const wetG = all.reduce((sum, { massG }) => sum + massG, 0)
  return all.flatMap(({ material, massG }) => {
    if (material.family === 'retarder')
      return [{ id: material.id, name: material.name, percent: (100 * massG) / wetG, maxPercent: undefined }]
    if (material.family !== 'drier' || fatG === 0) return []
    return [
      {
        id: material.id,
        name: material.name,
        percent: (massG * (material.metalPercent ?? 0)) / fatG,
        maxPercent: material.maxMetalPercent,
      },
    ]
  })
}
