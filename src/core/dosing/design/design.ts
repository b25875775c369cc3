import { massOf } from '../../medium/amount.ts'
import type { Material } from '../../materials/material.ts'
import type { Recipe } from '../../medium/recipe.ts'
import { programmeOf } from './programme.ts'
import type { Setting } from './programme.ts'
import { wishText } from './wish.ts'
import type { Wish } from './wish.ts'

/** Solves a programme in CPLEX LP form; null when nothing satisfies it. */
export type LinearSolver = (programme: string) => Readonly<Record<string, number>> | null

export type Design =
  | {
      readonly ok: true
      /** In grams, 100 g in all. */
      readonly recipe: Recipe
      /** Share of the medium by mass that differs from the recipe at hand, 0..1; null without one. */
      readonly moved: number | null
    }
  | {
      readonly ok: false
      /** Indices of the wishes that exclude one another; one alone cannot be met from this shelf. */
      readonly clash: readonly number[]
      readonly message: string
    }

/** Grams below this are left out of a recipe of 100 g. */
const leastG = 0.02

/**
 * The recipe that meets every wish, nearest to the one at hand (a linear programme over the shelf); or the wishes that
 * exclude one another, by name.
 */
export function design(
  wishes: readonly Wish[],
  setting: Setting,
  near: readonly number[] | null,
  solve: LinearSolver,
): Design {
  const solved = solve(programmeOf(wishes, setting, near))
  if (!solved) return clashOf(wishes, setting, solve)
  const grams = setting.materials.map((_, at) => solved[`x${at}`] ?? 0)
  const lines = setting.materials.flatMap(({ id }, at) =>
    grams[at]! >= leastG
      ? [{ material: id, amount: Number(grams[at]!.toPrecision(6)), unit: 'g' as const }]
      : [],
  )
  return {
    ok: true,
    recipe: { lines },
    moved: near && grams.reduce((sum, one, at) => sum + Math.abs(one - near[at]!), 0) / 200,
  }
}

/**
 * A single impossible wish, else a set of which none can be left out, found by leaving out one after another: at most
 * two programmes a wish.
 */
function clashOf(wishes: readonly Wish[], setting: Setting, solve: LinearSolver): Design {
  const asked = (indices: readonly number[]): readonly Wish[] => indices.map((at) => wishes[at]!)
  const fails = (indices: readonly number[]): boolean =>
    solve(programmeOf(asked(indices), setting, null)) === null
  const nameOf = (id: string): string => setting.materials.find((material) => material.id === id)?.name ?? id
  const said = (at: number): string => `“${wishText(wishes[at]!, nameOf)}”`
  const all = wishes.map((_, at) => at)
  const one = all.find((at) => fails([at]))
  if (one !== undefined)
    return {
      ok: false,
      clash: [one],
      message: `Nothing on the shelf can meet ${said(one)}. Loosen it, or put something else on the shelf.`,
    }
  const clash = all.reduce<readonly number[]>((least, at) => {
    const without = least.filter((other) => other !== at)
    return fails(without) ? without : least
  }, all)
  const [a, b] = clash
  const message =
    clash.length === 2
      ? `${said(a!)} and ${said(b!)} exclude each other with what is on the shelf. Loosen one of them.`
      : `These cannot be met together: ${clash.map(said).join(', ')}. Loosen one of them.`
  return { ok: false, clash, message }
}

/** Grams of each material in 100 g of a recipe already analysed; what is not on the shelf is left out. */
export function nearOf(
  materials: readonly Material[],
  ingredients: readonly { readonly material: Material; readonly massG: number }[],
): readonly number[] {
  const total = massOf(ingredients)
  return materials.map(
    ({ id }) =>
      (100 * ingredients.reduce((sum, { material, massG }) => (material.id === id ? sum + massG : sum), 0)) /
      total,
  )
}
