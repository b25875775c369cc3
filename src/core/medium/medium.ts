import { volumeOf } from './amount.ts'
import { isMassUnit, isVolumeUnit, massUnits, volumeUnits } from '../measure/units.ts'
import { classMlPerGram, classNames, leavingClasses, normalised, noShares } from '../materials/material.ts'
import type { ClassName, Material, Shares } from '../materials/material.ts'
import type { FindMaterial } from '../materials/find.ts'
import type { Recipe, RecipeLine, RecipeShelf } from './recipe.ts'
import { weigh } from './weigh.ts'
import type { Warning } from './weigh.ts'

/** A material in a medium, summed over the lines that hold it. */
export interface Ingredient {
  readonly material: Material
  readonly massG: number
  readonly volumeMl: number
}

export interface MediumLine {
  /** Id of the material, or of the medium the line names. */
  readonly material: string
  readonly massG: number
  readonly volumeMl: number
}

/** What a recipe really is. Shares are fractions of the whole they are taken of. */
export interface Medium {
  readonly massG: number
  readonly volumeMl: number
  readonly densityGPerMl: number
  /** By the volumes the painter measured: spoons count as spoons. */
  readonly asMeasured: { readonly byVolume: Shares }
  /** As mixed, by mass and by true volume. */
  readonly wet: { readonly byMass: Shares; readonly byVolume: Shares }
  /** Volatile and water gone. All zero for a medium that dries to nothing. */
  readonly dry: { readonly byMass: Shares; readonly byVolume: Shares }
  readonly lines: readonly MediumLine[]
  readonly ingredients: readonly Ingredient[]
  readonly warnings: readonly Warning[]
}

export interface RecipeProblem {
  readonly code: 'unknown-material' | 'unknown-medium' | 'cycle' | 'depth' | 'amount' | 'parts' | 'empty'
  readonly message: string
  readonly line?: number
}

export type MediumResult =
  | { readonly ok: true; readonly medium: Medium }
  | { readonly ok: false; readonly problems: readonly RecipeProblem[] }

interface Portion {
  readonly line: MediumLine
  readonly measuredMl: number
  readonly ingredients: readonly Ingredient[]
  readonly warning?: Warning
}

export function withoutVolatiles(shares: Shares): Shares {
  const stays = { ...shares }
  for (const name of leavingClasses) stays[name] = 0
  return stays
}

/** Most materials are of one class or two; read once a material, because every film and every heap asks. */
const classesOf = new WeakMap<Material, readonly ClassName[]>()

function classesIn(material: Material): readonly ClassName[] {
  const known = classesOf.get(material)
  if (known) return known
  const classes = classNames.filter((name) => (material.shares[name] ?? 0) > 0)
  classesOf.set(material, classes)
  return classes
}

export function massByClass(ingredients: readonly Ingredient[]): Shares {
  const total = { ...noShares }
  for (const { material, massG } of ingredients)
    for (const name of classesIn(material)) total[name] += massG * (material.shares[name] ?? 0)
  return total
}

export function volumeByClass(ingredients: readonly Ingredient[]): Shares {
  const total = { ...noShares }
  for (const { material, massG } of ingredients) {
    const perGram = classMlPerGram(material)
    for (const name of classesIn(material)) total[name] += massG * perGram[name]
  }
  return total
}

/** The same medium in another quantity. */
export const scaledIngredients = (ingredients: readonly Ingredient[], times: number): readonly Ingredient[] =>
  ingredients.map(({ material, massG, volumeMl }) => ({
    material,
    massG: massG * times,
    volumeMl: volumeMl * times,
  }))

/**
 * Expands a recipe to materials and says what it is as measured, wet and dry (science.md, Composition).
 * Lines naming other media are expanded; one that leads back to itself is refused by name.
 */
export const analyseMedium = (
  recipe: Recipe,
  findMaterial: FindMaterial,
  media: RecipeShelf = () => undefined,
  within: readonly string[] = [],
): MediumResult => analysed(recipe, { findMaterial, media, known: new Map() }, within)

/** What one analysis looks things up in; a medium named many times is analysed once. */
interface Sources {
  readonly findMaterial: FindMaterial
  readonly media: RecipeShelf
  readonly known: Map<string, MediumResult>
}

/** Mediums in mediums further down than this are refused. */
const mostNested = 12

function analysed(recipe: Recipe, sources: Sources, within: readonly string[]): MediumResult {
  const problems: RecipeProblem[] = []
  if (recipe.lines.length === 0)
    return {
      ok: false,
      problems: [
        { code: 'empty', message: 'The recipe is empty. Add a first line, such as 30 ml of linseed oil.' },
      ],
    }
  const part = sizeOfPart(recipe)
  if ('problem' in part) return { ok: false, problems: [part.problem] }

  const portions: Portion[] = []
  recipe.lines.forEach((line, index) => {
    const found =
      'material' in line
        ? materialPortion(line, sources.findMaterial, part)
        : mediumPortion(line, sources, part, within)
    if ('problem' in found) problems.push({ ...found.problem, line: index })
    else portions.push({ ...found, ...(found.warning && { warning: { ...found.warning, line: index } }) })
  })
  if (problems.length > 0) return { ok: false, problems }

  const whole = summed(portions)
  const scale = recipe.scaleTo
  if (!scale) return { ok: true, medium: whole }
  if (!isMassUnit(scale.unit) && !isVolumeUnit(scale.unit))
    return {
      ok: false,
      problems: [{ code: 'amount', message: 'Say how much to make in a mass or a volume, such as 180 ml.' }],
    }
  const times = isMassUnit(scale.unit)
    ? (scale.amount * massUnits[scale.unit]) / whole.massG
    : (scale.amount * volumeUnits[scale.unit]) / whole.volumeMl
  return { ok: true, medium: summed(portions.map((portion) => scaledPortion(portion, times))) }
}

type Part = { readonly ml: number } | { readonly g: number }

/** One part in ml or g. A recipe all in parts counts one as 1 ml or 1 g; beside absolute amounts its size must be said. */
function sizeOfPart({ lines, partsBy = 'volume', partSize }: Recipe): Part | { problem: RecipeProblem } {
  if (partSize) {
    if (isMassUnit(partSize.unit)) return { g: partSize.amount * massUnits[partSize.unit] }
    if (isVolumeUnit(partSize.unit)) return { ml: partSize.amount * volumeUnits[partSize.unit] }
  }
  const firstPart = lines.findIndex((line) => line.unit === 'part')
  if (firstPart >= 0 && lines.some((line) => line.unit !== 'part')) {
    const message = `Line ${firstPart + 1} is in parts beside measured amounts. Say how big a part is, or give line ${firstPart + 1} in ml or g.`
    return { problem: { code: 'parts', message, line: firstPart } }
  }
  return partsBy === 'weight' ? { g: 1 } : { ml: 1 }
}

function materialPortion(
  line: RecipeLine & { material: string },
  findMaterial: FindMaterial,
  part: Part,
): Portion | { problem: RecipeProblem } {
  const material = findMaterial(line.material)
  if (!material)
    return {
      problem: {
        code: 'unknown-material',
        message: `No material "${line.material}" is on the shelf. Choose one from the list.`,
      },
    }
  const found = weigh(material, line, part)
  if (!found.ok) return { problem: { code: 'amount', message: found.message } }
  const { massG, volumeMl, measuredMl, warning } = found.value
  return {
    line: { material: material.id, massG, volumeMl },
    measuredMl,
    ingredients: [{ material, massG, volumeMl }],
    ...(warning && { warning }),
  }
}

function mediumPortion(
  line: RecipeLine & { medium: string },
  sources: Sources,
  part: Part,
  within: readonly string[],
): Portion | { problem: RecipeProblem } {
  const { media, known } = sources
  const named = media(line.medium)
  if (!named)
    return {
      problem: {
        code: 'unknown-medium',
        message: `No medium "${line.medium}" is on the list. Choose one from the list.`,
      },
    }
  if (within.includes(line.medium)) {
    const round = [...within.slice(within.indexOf(line.medium)), line.medium].map(
      (id) => media(id)?.name ?? id,
    )
    return {
      problem: {
        code: 'cycle',
        message: `${round.join(' holds ')}: a medium cannot hold itself. Take out one of these lines.`,
      },
    }
  }
  if (within.length > mostNested) {
    const message = `${named.name} is the ${mostNested + 1}th medium inside a medium. Write out what it holds, or make it first.`
    return { problem: { code: 'depth', message } }
  }
  const inner = known.get(line.medium) ?? analysed(named.recipe, sources, [...within, line.medium])
  known.set(line.medium, inner)
  if (!inner.ok) {
    const [first] = inner.problems
    return {
      problem: {
        code: first!.code,
        message:
          first!.code === 'cycle' || first!.code === 'depth'
            ? first!.message
            : `In ${named.name}: ${first!.message}`,
      },
    }
  }
  const whole = inner.medium
  // A medium counts as one liquid of its own density; its drop is the mean drop of what it holds.
  const liquid: Material = {
    id: line.medium,
    name: named.name,
    family: 'ready_medium',
    densityGPerMl: { low: whole.densityGPerMl, mid: whole.densityGPerMl, high: whole.densityGPerMl },
    dropMl: meanDropMl(whole.ingredients),
    shares: {},
  }
  const found = weigh(liquid, line, part)
  if (!found.ok) return { problem: { code: 'amount', message: found.message } }
  const { massG, volumeMl, measuredMl, warning } = found.value
  return {
    line: { material: line.medium, massG, volumeMl },
    measuredMl,
    ingredients: scaledIngredients(whole.ingredients, massG / whole.massG),
    ...(warning && { warning }),
  }
}

/** Mean drop of the liquids in it, ml, by volume. */
export function meanDropMl(ingredients: readonly Ingredient[]): number | undefined {
  const liquids = ingredients.filter(({ material }) => material.dropMl)
  const volume = volumeOf(liquids)
  return volume > 0
    ? liquids.reduce((sum, { material, volumeMl }) => sum + material.dropMl! * volumeMl, 0) / volume
    : undefined
}

const scaledPortion = (portion: Portion, times: number): Portion => ({
  ...portion,
  line: {
    material: portion.line.material,
    massG: portion.line.massG * times,
    volumeMl: portion.line.volumeMl * times,
  },
  measuredMl: portion.measuredMl * times,
  ingredients: scaledIngredients(portion.ingredients, times),
})

function summed(portions: readonly Portion[]): Medium {
  const ingredients = merged(portions.flatMap((portion) => portion.ingredients))
  const mass = massByClass(ingredients)
  const volume = volumeByClass(ingredients)
  const massG = portions.reduce((sum, { line }) => sum + line.massG, 0)
  const volumeMl = portions.reduce((sum, { line }) => sum + line.volumeMl, 0)
  const seen = { ...noShares }
  for (const portion of portions) {
    const shares = normalised(volumeByClass(portion.ingredients))
    for (const name of classNames) seen[name] += shares[name] * portion.measuredMl
  }
  return {
    massG,
    volumeMl,
    densityGPerMl: massG / volumeMl,
    asMeasured: { byVolume: normalised(seen) },
    wet: { byMass: normalised(mass), byVolume: normalised(volume) },
    dry: { byMass: normalised(withoutVolatiles(mass)), byVolume: normalised(withoutVolatiles(volume)) },
    lines: portions.map(({ line }) => line),
    ingredients,
    warnings: portions.flatMap(({ warning }) => warning ?? []),
  }
}

function merged(ingredients: readonly Ingredient[]): readonly Ingredient[] {
  const byId = new Map<string, Ingredient>()
  for (const { material, massG, volumeMl } of ingredients) {
    const before = byId.get(material.id)
    byId.set(material.id, {
      material,
      massG: massG + (before?.massG ?? 0),
      volumeMl: volumeMl + (before?.volumeMl ?? 0),
    })
  }
  return [...byId.values()]
}
