import { filmOf } from '../../core/film/film.ts'
import type { Mixture } from '../../core/film/film.ts'
import { solveCure } from '../../core/cure/solver.ts'
import type { Climate } from '../../core/cure/climate.ts'
import { findInLibrary } from '../../core/materials/find.ts'
import type { Material } from '../../core/materials/material.ts'
import { analyseMedium } from '../../core/medium/medium.ts'
import type { Ingredient } from '../../core/medium/medium.ts'
import type { Recipe } from '../../core/medium/recipe.ts'
import { onPaintOf } from '../../core/medium/basis.ts'
import { design, nearOf } from '../../core/dosing/design/design.ts'
import type { LinearSolver } from '../../core/dosing/design/design.ts'
import { doseAt, evenDoses, largestDose, sideOf } from '../../core/dosing/dose.ts'
import type { Side } from '../../core/dosing/dose.ts'
import { usualPaint } from '../../core/dosing/usualPaint.ts'
import { tubeIngredients } from '../../core/film/paint.ts'
import type { Tube } from '../../core/film/paint.ts'
import { dosed } from '../../core/palette/heap.ts'
import { consistencyOf } from '../../core/palette/consistency.ts'
import { oilLadder } from '../../core/palette/ladder.ts'
import { wholeDrops } from '../../core/palette/measured.ts'
import { practiceCaps } from '../../core/dosing/caps.ts'
import { noPractice } from '../../core/practice/practice.ts'
import { mismatchOf, solveToHorizon } from '../../core/soundness/mismatch.ts'
import type { MismatchLayer } from '../../core/soundness/mismatch.ts'
import type {
  CureRequest,
  FilmRequest,
  LadderRequest,
  MediumRequest,
  PaletteRequest,
} from '../../document/compute.ts'
import type { DesignRequest } from '../../document/design.ts'
import { linearSolver } from '../../document/dates/linear.ts'

/** The stateless computations, as sent over HTTP. */

export interface Issue {
  readonly path: readonly (string | number)[]
  readonly message: string
}

/** A body of the right shape that cannot be computed: each issue says where and what to change. */
export class Invalid extends Error {
  constructor(readonly issues: readonly Issue[]) {
    super(issues[0]?.message ?? 'This cannot be computed.')
  }
}

export function computeMedium(recipe: Recipe, path: readonly (string | number)[] = []) {
  const made = analyseMedium(recipe, findInLibrary)
  if (!made.ok)
    throw new Invalid(
      made.problems.map(({ message, line }) => ({
        path: line === undefined ? [...path, 'lines'] : [...path, 'lines', line],
        message,
      })),
    )
  return made.medium
}

/** The answer of /api/compute/medium: the medium without what only the core needs; with a paint, its dose curve too. */
export function mediumAnswer({ paint, doses, ...recipe }: MediumRequest) {
  const { ingredients, ...answer } = computeMedium(recipe)
  if (!paint) return answer
  const [side, medium] = [tubeSide(paint), sideOf(ingredients)]
  const largest = largestDose(side, ingredients, practiceCaps(noPractice))
  return {
    ...answer,
    doses: (doses ?? evenDoses()).map((ofMix) => ({
      ...doseAt(side, medium, ofMix),
      onPaint: ofMix < 1 ? onPaintOf(ofMix) : null,
    })),
    largestDose: { ofMix: Number.isFinite(largest.ofMix) ? largest.ofMix : null, stops: largest.stops },
  }
}

function tubeSide(paint: Tube, path: readonly string[] = ['paint']): Side {
  const tube = tubeIngredients(paint, findInLibrary)
  if (!tube.ok) throw new Invalid([{ path: [...path, ...tube.path], message: tube.message }])
  return sideOf(tube.ingredients)
}

let solver: Promise<LinearSolver> | undefined

/** The linear solver; it comes with the first design, not with the program. */
const solverNow = (): Promise<LinearSolver> =>
  (solver ??= import('highs').then(async ({ default: highs }) => linearSolver(await highs())))

/** The answer of /api/compute/design: a recipe that meets every wish, or the wishes that exclude one another. */
export async function designAnswer({ shelf, wishes, near, dose, paint }: DesignRequest) {
  const materials = [...new Set(shelf)].map((id, at) => materialOrInvalid(id, ['shelf', at]))
  const setting = { materials, paint: paint ? tubeSide(paint) : usualPaint, dose }
  const grams = near ? nearOf(materials, computeMedium(near, ['near']).ingredients) : null
  return design(wishes, setting, grams, await solverNow())
}

/** A mixture as the core takes it; invalid where its medium is. */
export function mixtureOf(request: FilmRequest, path: readonly (string | number)[]): Mixture {
  const { medium, ...rest } = request
  if (!medium) return rest
  const ingredients: readonly Ingredient[] = computeMedium(medium, [...path, 'medium']).ingredients
  return { ...rest, medium: { ingredients, parts: medium.parts } }
}

export function computeFilm(request: FilmRequest) {
  const found = filmOf(mixtureOf(request, []), findInLibrary)
  if (!found.ok) throw new Invalid([found])
  return found.film
}

/** The answer of /api/compute/palette: for every heap what goes in, unrounded, and what it then is. */
export function paletteAnswer(request: PaletteRequest) {
  const { by, thinnerShare, thinner: thinnerId, alkydWeight } = request
  const medium = request.medium ? computeMedium(request.medium, ['medium']).ingredients : []
  const thinner = thinnerId === undefined ? undefined : materialOrInvalid(thinnerId, ['thinner'])
  const conditioning = { medium, by, thinner, thinnerShare, alkydWeight }
  const dropMl = medium.length === 1 ? medium[0]!.material.dropMl : undefined
  const heaps = request.heaps.map((heap, at) => {
    const amount = 'ml' in heap ? { ml: heap.ml } : { g: heap.g }
    const found = dosed({ paints: heap.paints, amount }, conditioning, findInLibrary)
    if (!found.ok) throw new Invalid([{ path: ['heaps', at, ...found.path], message: found.message }])
    return found.heap
  })
  return {
    heaps: heaps.map(({ mediumMl, mediumG, thinnerMl, leanness, note, mix: { film } }) => ({
      mediumMl,
      mediumG,
      thinnerMl,
      drops: wholeDrops(mediumMl, dropMl),
      leanness,
      binderRatio: film.binderRatio,
      oilContent: film.oilContent,
      volatileShare: film.mix.volatile,
      consistency: consistencyOf({ volatile: film.mix.volatile, leanness }),
      ...(note && { note }),
    })),
    mediumMl: heaps.reduce((sum, { mediumMl }) => sum + mediumMl, 0),
    mediumG: heaps.reduce((sum, { mediumG }) => sum + mediumG, 0),
  }
}

/** The library's material of this id; invalid, saying where, when there is none. */
export function materialOrInvalid(id: string, path: readonly (string | number)[]): Material {
  const material = findInLibrary(id)
  if (material) return material
  throw new Invalid([{ path, message: `No material "${id}" is in the library. /shelf lists what there is.` }])
}

/** The answer of /api/compute/ladder; its schema has held the shares in order. */
export const ladderAnswer = (request: LadderRequest) => ({ steps: oilLadder(request)! })

export function computeCure({ layers, untilDay, climate }: CureRequest) {
  const films = layers.map(({ removed, ...film }) => ({ ...film, ...(removed && { removed: [removed] }) }))
  const states = solveCure(films, untilDay, climate)!.layers
  return {
    layers: states.map((days) => ({
      touchDays: days.touch,
      firmDays: days.firm,
      setDays: days.set,
      varnishSoftDays: days.varnishSoft,
      curedDays: days.cured,
    })),
  }
}

export const computeMismatch = ({
  layers,
  climate,
}: {
  layers: readonly MismatchLayer[]
  climate?: Climate
}) => mismatchOf(layers, solveToHorizon(layers, climate)!)
