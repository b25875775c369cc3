import { stateDaysFromTable } from '../cure/table.ts'
import { classMlPerGram, kindOf, leavingClasses, sumOf } from '../materials/material.ts'
import type { Material } from '../materials/material.ts'
import { oilFigures } from './oils.ts'
import type { Ingredient, Medium } from './medium.ts'

/** What a medium does on the brush, told from its make-up (model; a dab on glass tells better). */
export interface Effects {
  readonly body: Body
  /** Marks of the brush stay upright. */
  readonly holdsPeaks: boolean
  readonly levels: boolean
  readonly drips: boolean
  readonly sheen: Sheen
  /** Hours it can be blended, likely. */
  readonly blendHours: number
  readonly touchHours: number | null
  readonly viscosityMPas: number | null
}

export const bodies = ['fluid', 'flowing', 'thick', 'gel', 'paste'] as const
export type Body = (typeof bodies)[number]
export const sheens = ['gloss', 'satin', 'matt'] as const
export type Sheen = (typeof sheens)[number]

/** Share of the time to touch dry in which paint can still be moved. */
const openShare = 0.15
const thinFilmUm = 40

/** Powders and mediums that gel an oil, and the share of the mix by volume at which they do. */
const gelsAt: Readonly<Record<string, number>> = {
  silica_fumed: 0.008,
  organoclay: 0.015,
  aluminium_stearate: 0.02,
  zinc_stearate: 0.03,
  alkyd_medium_gel: 0.5,
  alkyd_medium_impasto: 0.25,
}
const waxGelsAt = 0.06
const fillerGelsAt = 0.2
const pasteAt = 3.5

/** From this log-mean viscosity a liquid flows slowly, and stands as thick; mPa·s. */
export const bodyFromMPas = { flowing: 150, thick: 1500 } as const

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
  const body: Body =
    gel >= pasteAt
      ? 'paste'
      : gel >= 1
        ? 'gel'
        : stiff >= bodyFromMPas.thick
          ? 'thick'
          : stiff >= bodyFromMPas.flowing
            ? 'flowing'
            : 'fluid'
  const upright = body === 'gel' || body === 'paste'
  const dry = sum(ingredients, dryMlPerGram)
  const dull = dry > 0 ? sum(ingredients, dulling) / dry : 0
  const touch = rate >= 0.05 ? stateDaysFromTable({ thicknessUm: thinFilmUm, rate }).touch : null
  return {
    body,
    holdsPeaks: upright,
    levels: !upright,
    drips: body === 'fluid' || body === 'flowing',
    sheen: dull >= dullFrom.matt ? 'matt' : dull >= dullFrom.satin ? 'satin' : 'gloss',
    blendHours: touch === null ? Infinity : 24 * touch * openShare,
    touchHours: touch === null ? null : 24 * touch,
    viscosityMPas,
  }
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
  (!wish.noDrips || !effects.drips) &&
  (!wish.sheen || effects.sheen === wish.sheen) &&
  (wish.blendHours === undefined || effects.blendHours >= wish.blendHours) &&
  (wish.touchWithinHours === undefined ||
    (effects.touchHours !== null && effects.touchHours <= wish.touchWithinHours))
