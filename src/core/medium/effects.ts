import { stateDaysFromTable } from '../cure/table.ts'
import { openShare } from '../cure/workable.ts'
import { driersOf } from './driers.ts'
import { fatSharesOf } from './fat.ts'
import { classMlPerGram, kindOf, leavingClasses, normalised, sumOf } from '../materials/material.ts'
import type { Material } from '../materials/material.ts'
import { oilFigures } from './oils.ts'
import { volumeByClass, withoutVolatiles } from './medium.ts'
import type { Ingredient, Medium } from './medium.ts'

/** What a medium does on the brush, told from its make-up (model; a dab on glass tells better). */
export interface Effects {
  readonly body: Body
  /** Marks of the brush stay upright. */
  readonly holdsPeaks: boolean
  /** Marks of the brush flow out; thinner liquids flow away, stiffer ones keep the marks a while. */
  readonly levels: boolean
  /** How it runs from a slope. */
  readonly runs: 'drips' | 'runs slowly' | 'stays'
  readonly sheen: Sheen
  /** Hours it can be blended, at most; less than its oil allows where something leaves first. */
  readonly blendHours: number
  /** Where something leaves first and stiffens it. */
  readonly setsUp: SetsUp | null
  readonly touchHours: number | null
  readonly viscosityMPas: number | null
}

/** How long it can be moved until something has left that kept it open. */
export interface SetsUp {
  readonly within: string
  readonly because: string
  readonly hours: number
}

export const bodies = ['fluid', 'flowing', 'thick', 'gel', 'paste'] as const
export type Body = (typeof bodies)[number]
export const sheens = ['gloss', 'satin', 'matt'] as const
export type Sheen = (typeof sheens)[number]

const thinFilmUm = 40

/** Powders and mediums that gel an oil, and the share of the mix by volume at which they do. */
const gelsAt: Readonly<Record<string, number>> = {
  silica_fumed: 0.008,
  silica_hydrophobic: 0.008,
  organoclay: 0.015,
  aluminium_stearate: 0.02,
  zinc_stearate: 0.03,
  alkyd_medium_gel: 0.5,
  alkyd_medium_impasto: 0.25,
  alkyd_gel_solvent_free: 0.5,
  mastic_gel_medium: 0.5,
}
const waxGelsAt = 0.06
const fillerGelsAt = 0.2
const pasteAt = 3.5

/** From this log-mean viscosity a liquid flows slowly, and stands as thick; mPa·s. */
export const bodyFromMPas = { flowing: 150, thick: 1500 } as const
/** Between these a liquid levels: below it flows away, above it keeps the marks of the brush; mPa·s. */
const levelsMPas = { from: 500, to: 10_000 } as const
/** From so much oil to one of yolk, by mass, an emulsion stands like mayonnaise. */
const emulsionGelsAt = 1.5

/** How far one gram takes a mix towards a gel, ml; 1 ml to the ml of mix and it is one. */
export function gelling(material: Material): number {
  const perGram = classMlPerGram(material)
  const own = gelsAt[kindOf(material)]
  if (own) return 1 / material.densityGPerMl.mid / own
  return perGram.wax / waxGelsAt + (perGram.extender + perGram.pigment) / fillerGelsAt
}
/** How far one gram dulls what dries, ml; below 1 to the ml of dried film it is glossy, from 3 matt. */
export function dulling(material: Material): number {
  const perGram = classMlPerGram(material)
  return perGram.wax / 0.05 + perGram.protein / 0.03 + (perGram.extender + perGram.pigment) / 0.15
}
export const dryMlPerGram = (material: Material): number => {
  const perGram = classMlPerGram(material)
  return sumOf(perGram) - sumOf(perGram, leavingClasses)
}
export const dullFrom = { satin: 1, matt: 3 } as const

const sum = (ingredients: readonly Ingredient[], of: (material: Material) => number): number =>
  ingredients.reduce((total, { material, massG }) => total + massG * of(material), 0)

export function effectsOf({ ingredients, volumeMl }: Pick<Medium, 'ingredients' | 'volumeMl'>): Effects {
  const gel = sum(ingredients, gelling) / volumeMl
  const { viscosityMPas, rate } = oilFigures(ingredients)
  const stiff = viscosityMPas ?? 0
  const body = bodyOf(isStandingEmulsion(ingredients) ? Math.max(1, gel) : gel, stiff)
  const upright = body === 'gel' || body === 'paste'
  const setsUp = setsUpOf(ingredients, upright)
  const dry = sum(ingredients, dryMlPerGram)
  const dull = dry > 0 ? sum(ingredients, dulling) / dry : 0
  const { start, through } = driersOf(ingredients)
  const dries = rate >= driesFrom && fatSharesOf(ingredients).nonDrying < neverDriesFrom
  const touch = dries ? stateDaysFromTable({ thicknessUm: thinFilmUm, rate, start, through }).touch : null
  return {
    body,
    holdsPeaks: upright,
    levels: !upright && stiff >= levelsMPas.from && stiff <= levelsMPas.to,
    runs: upright ? 'stays' : body === 'thick' ? 'runs slowly' : 'drips',
    sheen: dull >= dullFrom.matt ? 'matt' : dull >= dullFrom.satin ? 'satin' : 'gloss',
    blendHours: Math.min(touch === null ? Infinity : 24 * touch * openShare, setsUp?.hours ?? Infinity),
    setsUp,
    touchHours: touch === null ? null : 24 * touch,
    viscosityMPas,
  }
}

/** Slower than this, raw linseed = 1, or with so much oil that never dries, a medium is said not to dry. */
const driesFrom = 0.05
const neverDriesFrom = 0.1

const bodyOf = (gel: number, stiff: number): Body =>
  gel >= pasteAt
    ? 'paste'
    : gel >= 1
      ? 'gel'
      : stiff >= bodyFromMPas.thick
        ? 'thick'
        : stiff >= bodyFromMPas.flowing
          ? 'flowing'
          : 'fluid'

function isStandingEmulsion(ingredients: readonly Ingredient[]): boolean {
  const grams = (family: Material['family']): number =>
    sum(ingredients, (material) => (material.family === family ? 1 : 0))
  const eggG = grams('egg')
  return eggG > 0 && grams('oil') / eggG >= emulsionGelsAt
}

/** What leaves first stiffens it long before the oil dries: shares of the wet mix and of the dried film, by volume. */
function setsUpOf(ingredients: readonly Ingredient[], upright: boolean): SetsUp | null {
  const volumes = volumeByClass(ingredients)
  const { volatile, water, protein } = normalised(volumes)
  const dry = normalised(withoutVolatiles(volumes))
  if (water >= 0.2 && protein > 0) return { within: '10–40 min', because: 'the water leaves', hours: 40 / 60 }
  if (dry.wax >= 0.15 && volatile > 0)
    return { within: 'about half a day', because: 'the spirit leaves the wax', hours: 12 }
  if (volatile < 0.2) return null
  return upright
    ? { within: '1–3 h', because: 'the solvent leaves the gel', hours: 3 }
    : { within: '15–60 min', because: 'the solvent leaves', hours: 1 }
}

/** What a painter may ask of a medium on the brush. */
export interface EffectWish {
  readonly holdsPeaks?: boolean
  readonly levels?: boolean
  readonly noDrips?: boolean
  readonly sheen?: Sheen
  readonly blendHours?: number
  readonly touchWithinHours?: number
}

export const meets = (effects: Effects, wish: EffectWish): boolean =>
  (!wish.holdsPeaks || effects.holdsPeaks) &&
  (!wish.levels || effects.levels) &&
  (!wish.noDrips || effects.runs !== 'drips') &&
  (!wish.sheen || effects.sheen === wish.sheen) &&
  (wish.blendHours === undefined || effects.blendHours >= wish.blendHours) &&
  (wish.touchWithinHours === undefined ||
    (effects.touchHours !== null && effects.touchHours <= wish.touchWithinHours))
