import { forecastOf } from '../cure/forecast.ts'
import type { Evidence, Forecast } from '../cure/forecast.ts'
import type { Climate } from '../cure/climate.ts'
import type { CureLayer } from '../cure/column.ts'
import type { CureSolution } from '../cure/solver.ts'
import type { StateDays } from '../cure/states.ts'
import { stateDaysFromTable } from '../cure/table.ts'
import { filmOf } from '../film/film.ts'
import type { Film, Mixture } from '../film/film.ts'
import type { FindMaterial } from '../materials/find.ts'
import { curedAt, mismatchOf, wetInWet } from './mismatch.ts'
import type { Mismatch, MismatchLayer } from './mismatch.ts'
import type { Practice } from './practice.ts'
import type { Support } from './support.ts'

/** A layer as planned or painted; layers are listed bottom first and `appliedDay` never decreases. */
export interface StackLayer {
  readonly name: string
  readonly mixture: Omit<Mixture, 'suctionUm'>
  readonly appliedDay: number
  /** A drier or retarder given as a plain factor on the rate. */
  readonly rateTimes?: number
  /** Dry thickness of the thickest spot, µm, where it is more than the layer's own: it decides the waiting. */
  readonly ridgeWetUm?: number
  readonly evidence?: readonly Evidence[]
}

export interface Stack {
  readonly support: Support
  readonly groundSuctionUm: number
  /** Absent: judged by the common limits, the practice's own choices making notes only. */
  readonly practice?: Practice
  readonly climate?: Climate
  readonly layers: readonly StackLayer[]
}

/** A layer with everything the rules compare. */
export interface LaidLayer {
  readonly index: number
  readonly name: string
  readonly film: Film
  readonly appliedDay: number
  readonly rate: number
  /** Dry thickness at the thickest spot, µm. */
  readonly thickestUm: number
  readonly forecast: Forecast
}

export interface LaidStack {
  readonly support: Support
  readonly practice: Practice | undefined
  readonly layers: readonly LaidLayer[]
  /** Null until a solve of this stack, or of one like it, is at hand. */
  readonly mismatch: Mismatch | null
  /** Whether two layers dry as one film. */
  readonly oneFilm: (lower: number, upper: number) => boolean
}

export type LayResult =
  | { readonly ok: true; readonly films: readonly Film[] }
  | {
      readonly ok: false
      readonly layer: number
      readonly message: string
      readonly path: readonly (string | number)[]
    }

/** The films of a stack from the ground up, each drinking into what the one below left thirsty. */
export function filmsOf(
  stack: Pick<Stack, 'layers' | 'groundSuctionUm'>,
  findMaterial: FindMaterial,
): LayResult {
  const films: Film[] = []
  let suctionUm = stack.groundSuctionUm
  for (const [layer, { mixture }] of stack.layers.entries()) {
    const found = filmOf({ ...mixture, suctionUm }, findMaterial)
    if (!found.ok) return { ...found, layer }
    films.push(found.film)
    suctionUm = found.film.suctionLeftUm
  }
  return { ok: true, films }
}

/** A film as the cure solver and the mismatch see it. */
export const cureLayerOf = (layer: StackLayer, film: Film): MismatchLayer => ({
  thicknessUm: thickestUmOf(layer, film),
  rate: film.rate * (layer.rateTimes ?? 1),
  q: film.q,
  flex: film.flex,
  appliedDay: layer.appliedDay,
  start: film.driers.start,
  through: film.driers.through,
})

export const thickestUmOf = (layer: { readonly ridgeWetUm?: number | null }, film: Film): number =>
  layer.ridgeWetUm
    ? Math.max(film.dryThicknessUm, layer.ridgeWetUm * (1 - film.mix.volatile))
    : film.dryThicknessUm

export const cureLayersOf = (stack: Stack, films: readonly Film[]): readonly MismatchLayer[] =>
  stack.layers.map((layer, index) => cureLayerOf(layer, films[index]!))

/** State times from the solver, if one has run for this stack, else from the single-layer table; mismatch as last known. */
export type CureSource = { readonly solution: CureSolution } | { readonly mismatch: Mismatch | null }

/** Puts a stack together for judging. */
export function layStack(stack: Stack, films: readonly Film[], source: CureSource): LaidStack {
  const cureLayers = cureLayersOf(stack, films)
  const states =
    'solution' in source
      ? source.solution.layers
      : cureLayers.map((layer) => stateDaysFromTable(layer, stack.climate))
  return {
    support: stack.support,
    practice: stack.practice,
    layers: stack.layers.map((layer, index) =>
      laidLayer(layer, index, films[index]!, cureLayers[index]!, states[index]!),
    ),
    mismatch: 'solution' in source ? mismatchOf(cureLayers, source.solution) : source.mismatch,
    oneFilm: (lower, upper) => {
      const between = cureLayers[upper]!.appliedDay - cureLayers[lower]!.appliedDay
      return wetInWet(
        between,
        'solution' in source
          ? curedAt(source.solution, lower, cureLayers[upper]!.appliedDay)
          : roughlyCured(states[lower]!, between),
      )
    },
  }
}

const laidLayer = (
  layer: StackLayer,
  index: number,
  film: Film,
  cure: CureLayer,
  states: StateDays,
): LaidLayer => ({
  index,
  name: layer.name,
  film,
  appliedDay: layer.appliedDay,
  rate: cure.rate,
  thickestUm: cure.thicknessUm,
  forecast: forecastOf(states, cure.thicknessUm, layer.evidence),
})

/** Cured fraction of a young layer, scaled from its touch time: x rises nearly in line with time up to touch dry. */
const roughlyCured = (states: StateDays, day: number): number =>
  states.touch === null ? 0 : (0.35 * day) / states.touch
