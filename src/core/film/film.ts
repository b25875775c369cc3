import { binderClasses, classMlPerGram, kindOf, normalised, sumOf } from '../materials/material.ts'
import type { Material, Shares } from '../materials/material.ts'
import type { FindMaterial } from '../materials/find.ts'
import { massOf, volumeOf } from '../medium/amount.ts'
import { massByClass, scaledIngredients, volumeByClass, withoutVolatiles } from '../medium/medium.ts'
import type { Ingredient } from '../medium/medium.ts'
import { clamp } from '../clamp.ts'
import { drink } from './drinking.ts'
import { driersIn } from '../medium/driers.ts'
import type { Driers } from '../medium/driers.ts'
import { fatOf, isAllYolk } from '../medium/fat.ts'
import type { FatShares } from '../medium/fat.ts'
import { demandOf } from '../materials/demand.ts'
import { mediumFamilyOf } from './mediumFamily.ts'
import type { MediumFamily } from './mediumFamily.ts'
import { opaqueShare } from './opaque.ts'
import { ofVolume, tubeIngredients } from './paint.ts'
import { actingShare, powderMl, powderShares } from './powder.ts'
import type { PowderShares } from './powder.ts'
import { solventPowerOf } from '../medium/solvents.ts'
import type { Tube, TubeResult } from './paint.ts'

/** What goes on the brush for one layer. Parts are true volumes. */
export interface Mixture {
  readonly paints: readonly (Tube & { readonly parts: number })[]
  readonly medium?: { readonly ingredients: readonly Ingredient[]; readonly parts: number }
  readonly thinner?: { readonly material: string; readonly parts: number }
  /** What else is in it: stirred in besides, or brought in by brushes. */
  readonly besides?: readonly { readonly material: string; readonly parts: number }[]
  readonly wetThicknessUm: number
}

export type Surface = 'glossy' | 'satin' | 'matt' | 'underbound'

/** A dried film. Ratios without a unit are fractions; null where the question has no meaning (no powder, no fat). */
export interface Film {
  readonly wetThicknessUm: number
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
  /** What lay beneath could drink, what it drank, and what the film leaves to be drunk over it, µm (= ml/m²). */
  readonly suctionUm: number
  readonly drunkUm: number
  readonly suctionLeftUm: number
  readonly surface: Surface | null
  readonly dry: { readonly byVolume: Shares; readonly byMass: Shares }
  /** Drying speed of its oil and alkyd with its powders, raw linseed = 1; driers act on top of it. 0: nothing in it dries. */
  readonly rate: number
  /** (oil + alkyd) over dry volume, as drinking left it: the part of the film that takes up oxygen and shrinks. */
  readonly q: number
  /** Stretch of the cured film, raw linseed = 1, without and with regard to its powder load. */
  readonly flexPlain: number | null
  readonly flex: number | null
  /** False when its oil never dries hard by itself. */
  readonly hardens: boolean
  readonly mix: MixShares
  readonly binder: BinderShares
  readonly fat: FatShares
  readonly powder: PowderShares
  readonly perDryVolume: DryParts
  readonly driers: Driers
}

/** What was on the brush, as shares of the wet mix by volume. */
export interface MixShares {
  readonly medium: number
  /** Thinner, and solvent stirred in besides. */
  readonly thinner: number
  readonly volatile: number
  /** Water alone. */
  readonly water: number
  /** How hard what leaves it, but for water, bites: white spirit 1, turpentine 1.5; 0 without any (rules.md 20). */
  readonly solventPower: number
  /** Of the wet mix. */
  readonly densityGPerMl: number
  /** The one figure for "how much medium": the medium less its solvent and powder, of the mix less solvent. Null without paint. */
  readonly mediumLessSolvent: number | null
  /** Of it, what came with wax paste. */
  readonly pasteLessSolvent: number
  /** The kind of its medium; null: none, or nothing of it binds. */
  readonly mediumFamily: MediumFamily | null
  /** Clove oil, by mass. */
  readonly clove: number
  /** Spike and lavender oil, which leave slowly. */
  readonly slowSolvent: number
  /** Opaque pigment by how it hides, by mass. */
  readonly opaqueByMass: number
}

/** What its binder is made of: resin and wax of the organic binder by mass, the others by volume. */
export interface BinderShares {
  readonly resin: number
  readonly wax: number
  readonly oil: number
  readonly alkyd: number
  readonly protein: number
  readonly gum: number
  /** Of a kind that the mildest spirit lifts, by mass. */
  readonly hydrocarbon: number
  /** Protein, polymer and gum: what is bound by water-borne binder. */
  readonly waterborne: number
}

/** Parts of one unit of dry volume. */
export interface DryParts {
  /** Oil the powder needs. */
  readonly demand: number
  readonly oil: number
  readonly alkyd: number
  readonly binder: number
}

export type FilmResult =
  | { readonly ok: true; readonly film: Film }
  | { readonly ok: false; readonly message: string; readonly path: readonly (string | number)[] }

/** A film slower than this, its yolk left out, or with this much oil that never dries in its fat, never hardens. */
const neverHardens = { rate: 0.1, nonDrying: 0.1 } as const

/** How much of an alkyd counts as fat unless the practice says otherwise. */
const defaultAlkydWeight = 0.5

/** Demand over fat, fat = oil + weight × alkyd; null where there is powder and no fat. */
export function leannessOf(
  { demand, oil, alkyd }: Pick<DryParts, 'demand' | 'oil' | 'alkyd'>,
  alkydWeight = defaultAlkydWeight,
): number | null {
  const fat = oil + alkydWeight * alkyd
  return fat > 0 ? demand / fat : demand > 0 ? null : 0
}

/** Leanness upside down, as it is drawn: 1 just bound, a neat tube 1.25, Infinity all oil; null without fat. */
export function fatnessOf(parts: DryParts, alkydWeight = defaultAlkydWeight): number | null {
  return fatnessAt(leannessOf(parts, alkydWeight))
}

/** The fatness that a leanness stands for. */
export const fatnessAt = (leanness: number | null): number | null =>
  leanness === null ? null : leanness <= 1 / mostFatness ? Infinity : 1 / leanness

/** From here on a film is all oil as far as anyone can tell. */
const mostFatness = 30

/** What is true of a film whatever it is laid over. */
export type BeforeDrinking = Omit<
  Film,
  'suctionUm' | 'drunkUm' | 'suctionLeftUm' | 'binderRatioAfterDrinking' | 'surface' | 'flex'
>

export interface ResinIn {
  readonly material: Material
  readonly ofFilm: number
}

/** A mixture weighed up, before it is laid over anything. */
export interface Mix {
  readonly portions: Portions
  readonly all: readonly Ingredient[]
  readonly materials: readonly Material[]
  /** Its resins and balsams, each with its share of the dried film by mass. */
  readonly resins: readonly ResinIn[]
  readonly dryVolumes: Shares
  readonly dryVolume: number
  readonly powderVolume: number
  readonly binderVolume: number
  readonly film: BeforeDrinking
}

export type MixResult =
  | { readonly ok: true; readonly mix: Mix }
  | { readonly ok: false; readonly message: string; readonly path: readonly (string | number)[] }

/**
 * What paint, medium and thinner come to (science.md, Paint and Film). Fails, saying where, when a material is not on the
 * shelf or the mixture is empty.
 */
export function mixOf(mixture: Mixture, findMaterial: FindMaterial): MixResult {
  const paint = paintPortions(mixture.paints, findMaterial)
  if (!paint.ok) return paint
  const medium = mixture.medium ? toVolume(mixture.medium.ingredients, mixture.medium.parts) : []
  const stirredIn: Ingredient[] = []
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
  for (const [index, { material: id, parts }] of (mixture.besides ?? []).entries()) {
    const material = findMaterial(id)
    if (!material)
      return {
        ok: false,
        message: `No "${id}" is on the shelf. Say what else is really in it.`,
        path: ['besides', index, 'material'],
      }
    // A solvent thins the paint; oil that a brush brings along, or a drop stirred in, makes another paint of it.
    const portion = material.family === 'solvent' ? thinner : stirredIn
    portion.push(ofVolume(material, parts))
  }
  return mixOfPortions(
    { paint: [...paint.ingredients, ...stirredIn], medium, thinner },
    mixture.wetThicknessUm,
  )
}

/** Pigments and oil of several tubes, a part of each being 1 ml; fails, saying where, as a tube does. */
export function paintPortions(paints: Mixture['paints'], findMaterial: FindMaterial): TubeResult {
  const ingredients: Ingredient[] = []
  for (const [index, { parts, ...tube }] of paints.entries()) {
    const found = tubeIngredients(tube, findMaterial)
    if (!found.ok) return { ...found, path: ['paints', index, ...found.path] }
    ingredients.push(...scaledIngredients(found.ingredients, parts))
  }
  return { ok: true, ingredients }
}

/** What lies on the palette, weighed out: paint, and what was stirred into it. */
export interface Portions {
  readonly paint: readonly Ingredient[]
  readonly medium: readonly Ingredient[]
  readonly thinner: readonly Ingredient[]
}

/** What portions come to as one mix; fails when there is nothing, or nothing that stays. */
export function mixOfPortions(portions: Portions, wetThicknessUm: number): MixResult {
  const all = [...portions.paint, ...portions.medium, ...portions.thinner]
  const wetVolume = volumeOf(all)
  if (!(wetVolume > 0))
    return {
      ok: false,
      message: 'Nothing is in the mixture. Give the paint or the medium at least one part.',
      path: ['paints'],
    }
  const wetVolumes = volumeByClass(all)
  const dryVolumes = withoutVolatiles(wetVolumes)
  if (!(sumOf(dryVolumes) > 0))
    return {
      ok: false,
      message:
        'The mixture dries to nothing: it is all solvent or water. Add paint or a medium with oil in it.',
      path: ['paints'],
    }
  return { ok: true, mix: weighedUp({ ...portions, all, wetVolumes, dryVolumes }, wetThicknessUm) }
}

/** A mix, and how thick it was laid on, µm wet. */
export interface LaidMix {
  readonly mix: Mix
  readonly wetUm: number
}

/** Several mixes as one film, each with its share of the thickness: passes of one sitting, oil painted into. */
export function mixedTogether(laid: readonly [LaidMix, ...LaidMix[]]): Mix {
  const wetUm = laid.reduce((sum, one) => sum + one.wetUm, 0)
  const scaled = laid.map(({ mix, wetUm: um }) => ({ ...mix.portions, times: um / volumeOf(mix.all) }))
  const together = (role: keyof Portions): readonly Ingredient[] =>
    scaled.flatMap(({ times, [role]: portion }) => scaledIngredients(portion, times))
  const portions = { paint: together('paint'), medium: together('medium'), thinner: together('thinner') }
  const made = mixOfPortions(portions, wetUm)
  return made.ok ? made.mix : laid[0].mix
}

interface WeighedPortions extends Portions {
  readonly all: readonly Ingredient[]
  readonly wetVolumes: Shares
  readonly dryVolumes: Shares
}

function weighedUp(
  { paint, medium, thinner, all, wetVolumes, dryVolumes }: WeighedPortions,
  wetThicknessUm: number,
): Mix {
  const wetVolume = volumeOf(all)
  const dryVolume = sumOf(dryVolumes)
  const volatile = 1 - dryVolume / wetVolume
  const powder = dryVolumes.pigment + dryVolumes.extender
  const binder = sumOf(dryVolumes, binderClasses)
  const { oil, alkyd, protein, polymer, gum } = dryVolumes
  const fat = oil + alkyd
  const demand = all.reduce(
    (sum, { material, massG }) => sum + demandOf(material) * powderMl(material, massG),
    0,
  )
  const dryMass = withoutVolatiles(massByClass(all))
  const organic = sumOf(dryMass, binderClasses)
  const powderRate = powderRateOf(all, powder, demand > 0 ? binder / demand : null)
  const { shares: fatShares, rate, rateWithoutEgg } = fatOf(all)
  const share = (part: number, whole: number): number => (whole > 0 ? part / whole : 0)
  const powders = powderShares(all, powder)
  const mediumDry = withoutVolatiles(volumeByClass(medium))
  const film: BeforeDrinking = {
    wetThicknessUm,
    dryThicknessUm: wetThicknessUm * (1 - volatile),
    pvc: powder / dryVolume,
    cpvc: demand > 0 ? powder / (powder + demand) : null,
    oilContent: fat / dryVolume,
    binderRatio: demand > 0 ? binder / demand : null,
    leanness: leannessOf({ demand, oil, alkyd }),
    dry: { byVolume: normalised(dryVolumes), byMass: normalised(dryMass) },
    rate: rate * powderRate,
    q: fat / dryVolume,
    flexPlain: flexOf(all, dryVolumes, dryVolume, powders.zinc),
    hardens:
      fat > 0 &&
      fatShares.nonDrying < neverHardens.nonDrying &&
      (isAllYolk(fatShares) || rateWithoutEgg * powderRate >= neverHardens.rate),
    mix: {
      medium: volumeOf(medium) / wetVolume,
      thinner: volumeOf(thinner) / wetVolume,
      volatile,
      water: wetVolumes.water / wetVolume,
      solventPower: solventPowerOf(all),
      densityGPerMl: massOf(all) / wetVolume,
      mediumLessSolvent: paint.length > 0 ? bindingVolume(mediumDry) / dryVolume : null,
      pasteLessSolvent: bindingVolume(withoutVolatiles(volumeByClass(medium.filter(isWaxPaste)))) / dryVolume,
      mediumFamily: mediumFamilyOf(mediumDry),
      clove: massWhere(all, ({ family }) => family === 'retarder') / massOf(all),
      slowSolvent: volumeOf(all.filter(isSlowSolvent)) / wetVolume,
      opaqueByMass: opaqueShare(all),
    },
    binder: {
      resin: share(dryMass.resin, organic),
      wax: share(dryMass.wax, organic),
      oil: share(oil, binder),
      alkyd: share(alkyd, binder),
      protein: share(protein, binder),
      gum: share(gum, binder),
      hydrocarbon: share(hydrocarbonG(all), organic),
      waterborne: share(protein + polymer + gum, binder),
    },
    fat: fatShares,
    powder: powders,
    perDryVolume: {
      demand: demand / dryVolume,
      oil: oil / dryVolume,
      alkyd: alkyd / dryVolume,
      binder: binder / dryVolume,
    },
    driers: driersIn(all, dryMass, demand > 0),
  }
  return {
    portions: { paint, medium, thinner },
    all,
    materials: all.map(({ material }) => material),
    resins: resinsIn(all, sumOf(dryMass)),
    dryVolumes,
    dryVolume,
    powderVolume: powder,
    binderVolume: binder,
    film,
  }
}

const resinsIn = (all: readonly Ingredient[], dryG: number): readonly ResinIn[] =>
  all.flatMap(({ material, massG }) =>
    material.family === 'resin' || material.family === 'balsam'
      ? [{ material, ofFilm: (massG * (material.shares.resin ?? 0)) / dryG }]
      : [],
  )

/** The film a mixture dries to over what can still drink so much, µm (= ml/m²). */
export function filmOver(mix: Mix, suctionUm: number): Film {
  const { film, dryVolume, binderVolume } = mix
  const drunk = drink({
    suctionUm,
    volatileShare: film.mix.volatile,
    binderUm: (film.dryThicknessUm * binderVolume) / dryVolume,
    binderRatio: film.binderRatio,
    demandUm: film.dryThicknessUm * film.perDryVolume.demand,
    dryThicknessUm: film.dryThicknessUm,
  })
  const after = drunk.binderRatioAfter
  return {
    ...film,
    suctionUm,
    drunkUm: drunk.lossUm,
    suctionLeftUm: drunk.suctionLeftUm,
    binderRatioAfterDrinking: after,
    surface: surfaceOf(mix, after),
    q: film.q * drunk.binderKept,
    flex:
      film.flexPlain === null
        ? null
        : film.flexPlain * (after === null ? 1.6 : clamp(1.6 - 0.75 / after, 0.6, 1.6)),
  }
}

/** The film a mix dries to, laid so thick on what drinks so much. */
export function filmLaid(mix: Mix, wetThicknessUm: number, suctionUm: number): Film {
  const dryThicknessUm = wetThicknessUm * (1 - mix.film.mix.volatile)
  return filmOver({ ...mix, film: { ...mix.film, wetThicknessUm, dryThicknessUm } }, suctionUm)
}

/** The film of a mixture laid over what drinks `suctionUm`, in one step; fails as `mixOf` does. */
export function filmOf(
  mixture: Mixture & { readonly suctionUm?: number },
  findMaterial: FindMaterial,
): FilmResult {
  const made = mixOf(mixture, findMaterial)
  return made.ok ? { ok: true, film: filmOver(made.mix, mixture.suctionUm ?? 0) } : made
}

/** What of a medium binds or is fat: neither solvent nor powder. */
const bindingVolume = (dry: Shares): number => sumOf({ ...dry, pigment: 0, extender: 0 })

const isWaxPaste = ({ material }: Ingredient): boolean => material.family === 'wax_paste'
const slowSolvents: readonly string[] = ['spike_lavender_oil', 'lavender_oil']
const isSlowSolvent = ({ material }: Ingredient): boolean => slowSolvents.includes(kindOf(material))
const hydrocarbonResins: readonly string[] = ['hydrogenated_hydrocarbon_resin', 'hydrocarbon_varnish_25']
const hydrocarbonG = (all: readonly Ingredient[]): number =>
  all.reduce(
    (sum, { material, massG }) =>
      hydrocarbonResins.includes(kindOf(material)) ? sum + massG * (material.shares.resin ?? 0) : sum,
    0,
  )
const massWhere = (all: readonly Ingredient[], is: (material: Material) => boolean): number =>
  all.reduce((sum, { material, massG }) => (is(material) ? sum + massG : sum), 0)

/** The same ingredients in another volume, ml. */
export const toVolume = (ingredients: readonly Ingredient[], volumeMl: number): readonly Ingredient[] =>
  scaledIngredients(ingredients, volumeMl / volumeOf(ingredients))

/** What the powders do to the drying speed (an umber is a catalyst: little goes far). */
function powderRateOf(all: readonly Ingredient[], powder: number, binderRatio: number | null): number {
  if (!(powder > 0)) return 1
  const load = binderRatio === null ? 1 : Math.min(1, 1.25 / binderRatio)
  const exponent = all.reduce((sum, { material, massG }) => {
    if (material.family !== 'pigment' || !material.rate) return sum
    const share = powderMl(material, massG) / powder
    return sum + actingShare(kindOf(material), share) * Math.log(material.rate.mid)
  }, 0)
  return Math.exp(load * exponent)
}

/** A film stretches no more than this, raw linseed = 1; acrylic does. */
const mostFlex = 1.3

function flexOf(
  all: readonly Ingredient[],
  dryVolumes: Shares,
  dryVolume: number,
  zinc: number,
): number | null {
  const fat = dryVolumes.oil + dryVolumes.alkyd
  if (dryVolumes.polymer >= sumOf(dryVolumes, binderClasses) / 2 && dryVolumes.polymer > 0) return mostFlex
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
  return clamp((stretch / fat - 0.06 * Math.max(0, resinPercent - 5)) / (1 + 4 * zinc), 0.05, mostFlex)
}

/** Binder for what the powder needs, less what its colours tend to sink (model; science.md, Surface). */
export const richnessOf = (after: number, { sinking }: Pick<PowderShares, 'sinking'>): number =>
  after - Math.min(0.15, 0.03 * (sinking - 1))

/** How the dried surface looks (model): what is left of the binder, less what the pigment tends to sink; wax and egg dull it. */
function surfaceOf({ film, dryVolumes, binderVolume: binder }: Mix, after: number | null): Surface | null {
  if (after === null) return null
  if (after < 0.9) return 'underbound'
  const richness = richnessOf(after, film.powder)
  const waxShare = dryVolumes.wax / binder
  if (richness < 1.05 || waxShare >= 0.15) return 'matt'
  return richness < 1.35 || waxShare >= 0.05 || dryVolumes.protein / binder >= 0.03 ? 'satin' : 'glossy'
}
