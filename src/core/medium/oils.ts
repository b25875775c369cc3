import { massOf } from './amount.ts'
import { dryingOf, mixedIodine, usualBounds } from '../materials/iodine.ts'
import type { DryingBounds, DryingJudgement } from '../materials/iodine.ts'
import { neverDries } from './fat.ts'
import { classMlPerGram } from '../materials/material.ts'
import { about, listed } from '../words.ts'
import type { Material } from '../materials/material.ts'
import { stateDaysFromTable } from '../cure/table.ts'
import { referenceClimate } from '../cure/climate.ts'
import type { Climate } from '../cure/climate.ts'
import { costOf } from './cost.ts'
import type { Ingredient } from './medium.ts'
import type { Recipe } from './recipe.ts'

/** How the oils in a medium behave together; each figure a mean by mass unless it says otherwise. All estimates. */
export interface OilFigures {
  /** Days until a clear film of 40 µm is touch dry; null: it does not dry. */
  readonly touchDays: number | null
  readonly rate: number
  readonly yellowing: number | null
  readonly strength: number | null
  /** As log-mean by volume over every liquid in it, mPa·s. */
  readonly viscosityMPas: number | null
  readonly costPerMl: number
  /** By the iodine values of those it tells anything of: neither bodied nor conjugated. Null: of none. */
  readonly drying: DryingJudgement | null
}

const clearFilmUm = 40

export function oilFigures(
  ingredients: readonly Ingredient[],
  climate: Climate = referenceClimate,
  bounds: DryingBounds = usualBounds,
): OilFigures {
  let fat = 0
  let weighted = 0
  for (const { material, massG } of ingredients) {
    const perGram = classMlPerGram(material)
    const ml = massG * (perGram.oil + perGram.alkyd)
    fat += ml
    weighted += ml * (material.rate?.mid ?? 1)
  }
  const rate = fat > 0 ? weighted / fat : 0
  const oils = ingredients.filter(({ material }) => material.iodineValue && material.bodied === undefined)
  const iodine = mixedIodine(oils.map(({ material, massG }) => ({ massG, iodine: material.iodineValue! })))
  return {
    rate,
    touchDays: rate >= 0.05 ? stateDaysFromTable({ thicknessUm: clearFilmUm, rate }, climate).touch : null,
    yellowing: gradeOf(ingredients, 'yellowing'),
    strength: gradeOf(ingredients, 'strength'),
    viscosityMPas: viscosityOf(ingredients),
    costPerMl: costOf(ingredients).perMl,
    drying: iodine && dryingOf(iodine, bounds),
  }
}

/** What is to be said of the oils' drying; null where there is none. */
export function oilsText(
  ingredients: readonly Ingredient[],
  bounds: DryingBounds = usualBounds,
): string | null {
  const oils = ingredients.filter(({ material }) => material.family === 'oil' && material.iodineValue)
  const never = oils.filter(({ material }) => neverDries(material))
  const bodied = oils.filter(({ material }) => material.bodied)
  const parts: string[] = []
  if (never.length > 0) parts.push(`${listed(never.map(({ material }) => material.name))} never dries`)
  if (oils.length > 0 && massOf(bodied) >= massOf(oils) / 2) {
    const rate = (end: 'low' | 'high'): string =>
      about(
        bodied.reduce((sum, { material, massG }) => sum + massG * material.rate![end], 0) / massOf(bodied),
      )
    parts.push(
      bodied.every(({ material }) => material.bodied === 'heat or air')
        ? `thickened: the iodine number is low because bonds were used up in that; it dries ${rate('low')}–${rate('high')} times as fast as raw linseed`
        : `its iodine number does not tell; it dries ${rate('low')}–${rate('high')} times as fast as raw linseed`,
    )
  } else {
    const { drying } = oilFigures(ingredients, referenceClimate, bounds)
    if (drying)
      parts.push(
        `iodine value ${about(drying.iodine.low, 3)}–${about(drying.iodine.high, 3)}, ${
          drying.classes.length > 1 ? `between ${drying.classes.join(' and ')}: test it` : drying.classes[0]!
        }`,
      )
  }
  return parts.length > 0 ? parts.join('; ') : null
}

function gradeOf(ingredients: readonly Ingredient[], grade: 'yellowing' | 'strength'): number | null {
  const graded = ingredients.filter(({ material }) => material[grade] !== undefined && material.shares.oil)
  const mass = massOf(graded)
  return mass > 0
    ? graded.reduce((sum, { material, massG }) => sum + (massG / mass) * material[grade]!, 0)
    : null
}

/** Solvents and water run like water; a dissolved resin thickens as if it were this stiff; an alkyd medium is like honey. */
const stiffness = {
  solvent: 1.2,
  resin: 5e5,
  alkyd: 3000,
  drier: 3,
  egg: 400,
  waterborne: 200,
  balsam: 6e4,
  varnish: 10,
} as const

/** ln mPa·s of a liquid on its own times its volume, for one gram, and that volume; null for what is no liquid. */
export function logViscosity(material: Material): { readonly logs: number; readonly ml: number } | null {
  const alone = material.viscosityMPas ?? aloneMPas(material.family)
  const ml = 1 / material.densityGPerMl.mid
  return alone === null ? null : { logs: Math.log(alone) * ml, ml }
}

/** Log-mean by volume of what each liquid would be alone (model); lumps of wax and filler are left to the body. */
export function viscosityOf(ingredients: readonly Ingredient[]): number | null {
  let ml = 0
  let logs = 0
  for (const { material, massG } of ingredients) {
    const liquid = logViscosity(material)
    if (!liquid) continue
    ml += massG * liquid.ml
    logs += massG * liquid.logs
  }
  return ml > 0 ? Math.exp(logs / ml) : null
}

function aloneMPas(family: Ingredient['material']['family']): number | null {
  switch (family) {
    case 'solvent':
    case 'acid':
    case 'additive':
      return stiffness.solvent
    case 'resin':
      return stiffness.resin
    case 'balsam':
      return stiffness.balsam
    case 'alkyd':
    case 'ready_medium':
      return stiffness.alkyd
    case 'varnish':
      return stiffness.varnish
    case 'drier':
    case 'retarder':
      return stiffness.drier
    case 'egg':
      return stiffness.egg
    case 'waterborne':
      return stiffness.waterborne
    case 'oil':
      return 50
    default:
      return null
  }
}

/** The recipe with every line of one material made of another, in the same amounts as written. */
export const swapped = (recipe: Recipe, from: string, to: string): Recipe => ({
  ...recipe,
  lines: recipe.lines.map((line) =>
    'material' in line && line.material === from ? { ...line, material: to } : line,
  ),
})
