import { analyseMedium } from '../core/medium/medium.ts'
import type { FindMaterial } from '../core/materials/find.ts'
import { forecastOf } from '../core/cure/forecast.ts'
import type { Evidence, Forecast } from '../core/cure/forecast.ts'
import { stateDaysFromTable } from '../core/cure/table.ts'
import type { StateDays } from '../core/cure/states.ts'
import type { CureSolution, SolverOptions } from '../core/cure/solver.ts'
import { filmOf } from '../core/film/film.ts'
import type { Film, Mixture } from '../core/film/film.ts'
import { dayOf, morning } from '../core/plan/calendar.ts'
import { forwardDates } from '../core/plan/forward.ts'
import type { Step, StepDate, WorkingTime } from '../core/plan/forward.ts'
import type { Finding } from '../core/soundness/finding.ts'
import { gateOf } from '../core/soundness/gate.ts'
import { judge, verdictOf } from '../core/soundness/judge.ts'
import { mismatchOf, solveToHorizon } from '../core/soundness/mismatch.ts'
import type { Mismatch, Verdict } from '../core/soundness/mismatch.ts'
import { practiceOf } from '../core/soundness/practice.ts'
import { cureLayerOf, cureLayersOf, layStack } from '../core/soundness/stack.ts'
import type { Stack, StackLayer } from '../core/soundness/stack.ts'
import { groundOf, suctionUmOf, supportOf } from '../core/soundness/support.ts'
import type { UsableMedium } from './batchMedium.ts'
import type { ShelfItem } from './shelf.ts'
import { findAsUsed } from './studioMaterials.ts'
import type { Feel, LayerDocument, PaintingDocument, Settings, TouchTest } from './studio.ts'

/** A painting with everything its verdict and its dates depend on. Layers are in order, bottom first. */
export interface Picture {
  readonly painting: PaintingDocument
  readonly layers: readonly LayerDocument[]
  readonly touchTests: readonly TouchTest[]
  readonly mediums: readonly UsableMedium[]
  readonly shelf: readonly ShelfItem[]
  readonly settings: Settings
  /** Now, as a day of the core's calendar. */
  readonly today: number
}

/** What the solver found for one part of the picture; kept until the next solve. */
export interface SolvedArea {
  readonly area: string | null
  readonly layerIds: readonly string[]
  readonly states: readonly StateDays[]
  readonly mismatch: Mismatch
}

export interface AssessedLayer {
  readonly id: string
  /** Null while the mixture cannot be made; `problem` says why. */
  readonly film: Film | null
  readonly problem: string | null
  readonly forecast: Forecast
  readonly date: StepDate
  readonly step: Step
}

export interface AssessedFinding extends Finding {
  readonly layerId: string
  readonly underId?: string
}

export interface Assessment {
  readonly layers: readonly AssessedLayer[]
  readonly findings: readonly AssessedFinding[]
  readonly verdict: Verdict
  /** True once every part of the picture was judged with a solve of its own layers. */
  readonly solved: boolean
  readonly workingTime: WorkingTime
}

const evidenceOf: Readonly<Record<Feel, readonly Omit<Evidence, 'day'>[]>> = {
  wet: [{ state: 'touch', reached: false }],
  tacky: [{ state: 'touch', reached: false }],
  touch: [{ state: 'touch', reached: true }],
  firm: [{ state: 'firm', reached: true }],
}

/** What was or will be on the brush for a layer; a painted one keeps the medium it was painted with. */
export function mixtureOf(
  layer: LayerDocument,
  mediums: readonly UsableMedium[],
  findMaterial: FindMaterial,
): { readonly mixture: Omit<Mixture, 'suctionUm'> } | { readonly problem: string } {
  const media = (id: string): UsableMedium | undefined => mediums.find((medium) => medium.id === id)
  let medium: Mixture['medium']
  if (layer.medium && layer.medium.parts > 0) {
    const named = layer.usedMedium ?? media(layer.medium.mediumId)
    if (!named) return { problem: `The medium of ${layer.name} is gone. Choose another.` }
    const made = analyseMedium(
      named.recipe,
      findAsUsed(findMaterial, named.materials ?? []),
      media,
      layer.usedMedium ? [] : [layer.medium.mediumId],
    )
    if (!made.ok) return { problem: `${named.name}: ${made.problems[0]!.message}` }
    medium = { ingredients: made.medium.ingredients, parts: layer.medium.parts }
  }
  return {
    mixture: {
      paints: layer.paints.filter(({ parts }) => parts > 0),
      ...(medium && { medium }),
      ...(layer.thinner && layer.thinner.parts > 0 && { thinner: layer.thinner }),
      wetThicknessUm: layer.wetThicknessUm,
    },
  }
}

/** The named areas of a picture, or the one unnamed whole. */
export function areasOf(layers: readonly LayerDocument[]): readonly (string | null)[] {
  const named = [...new Set(layers.flatMap(({ areas }) => areas))]
  return named.length > 0 ? named : [null]
}

const covers = (layer: LayerDocument, area: string | null): boolean =>
  area === null || layer.areas.length === 0 || layer.areas.includes(area)
/** Whether two layers lie over one another anywhere; one with no area named covers all. */
export const overlap = (a: LayerDocument, b: LayerDocument): boolean =>
  a.areas.length === 0 || b.areas.length === 0 || a.areas.some((area) => b.areas.includes(area))

const emptyForecast: Forecast = forecastOf(
  { touch: null, firm: null, set: null, varnishSoft: null, cured: null },
  1,
)

/**
 * Films, forecasts, dates and verdict of a whole painting. Fast: state times come from the single-layer table unless a
 * solve of the same layers is given, the mismatch from the last solve. In every area separately.
 */
export function assess(
  picture: Picture,
  findMaterial: FindMaterial,
  solved: readonly SolvedArea[] = [],
): Assessment {
  const { painting, layers, settings, today } = picture
  const mixtures = layers.map((layer) => mixtureOf(layer, picture.mediums, findMaterial))
  const films = filmsByLayer(picture, mixtures, findMaterial)
  const practice = practiceOf(painting.practice)!
  const statesOf = (layer: LayerDocument): StateDays | undefined => {
    for (const { layerIds, states } of solved) {
      const at = layerIds.indexOf(layer.id)
      if (at >= 0) return states[at]
    }
    return undefined
  }

  const steps = layers.map((layer, index): Step & { film: Film | null } => {
    const film = films[index]!.film
    const paintedDay = layer.paintedAt ? dayOf(layer.paintedAt) : null
    if (!film)
      return {
        film,
        paintedDay,
        plannedDay: null,
        wetInWet: layer.wetInWet,
        over: overOf(layers, index),
        forecast: emptyForecast,
        gate: 'touch',
      }
    const cure = cureLayerOf(
      stackLayerOf(layer, { paints: [], wetThicknessUm: layer.wetThicknessUm }, 0, []),
      film,
    )
    const evidence = picture.touchTests
      .filter(({ layerId }) => layerId === layer.id)
      .flatMap(({ at, feel }) =>
        evidenceOf[feel].map((test) => ({ ...test, day: Math.max(0, dayOf(at)! - (paintedDay ?? 0)) })),
      )
    return {
      film,
      paintedDay,
      plannedDay: layer.plannedOn && !layer.paintedAt ? dayOf(layer.plannedOn)! + morning : null,
      wetInWet: layer.wetInWet,
      over: overOf(layers, index),
      forecast: forecastOf(
        statesOf(layer) ?? stateDaysFromTable(cure, settings.climate),
        cure.thicknessUm,
        paintedDay === null ? [] : evidence,
      ),
      gate: gateOf(practice, film),
    }
  })
  const workingTime: WorkingTime = {
    today,
    workingDays: settings.workingDays,
    confidence: settings.confidence,
  }
  const dates = forwardDates(steps, workingTime)

  const findings: AssessedFinding[] = []
  const parts = stacksOf(picture, mixtures, films, dates, steps)
  for (const { area, indices, stack, films: areaFilms } of parts) {
    const known = solved.find(
      (one) =>
        one.area === area &&
        sameLayers(
          one.layerIds,
          indices.map((index) => layers[index]!.id),
        ),
    )
    const laid = layStack(stack, areaFilms, { mismatch: known?.mismatch ?? null })
    const refined = known
      ? {
          ...laid,
          layers: laid.layers.map((layer, at) => ({ ...layer, forecast: steps[indices[at]!]!.forecast })),
        }
      : laid
    for (const finding of judge(refined).findings) {
      const layerId = layers[indices[finding.layer]!]!.id
      const underId = finding.under === undefined ? undefined : layers[indices[finding.under]!]!.id
      if (
        findings.some(
          (other) => other.rule === finding.rule && other.layerId === layerId && other.underId === underId,
        )
      )
        continue
      findings.push({
        ...finding,
        layer: indices[finding.layer]!,
        ...(finding.under !== undefined && { under: indices[finding.under]! }),
        ...(area !== null && { area }),
        layerId,
        ...(underId && { underId }),
      })
    }
  }
  return {
    layers: layers.map((layer, index) => ({
      id: layer.id,
      ...films[index]!,
      forecast: steps[index]!.forecast,
      date: dates[index]!,
      step: steps[index]!,
    })),
    findings: findings.sort((a, b) => gravity[b.severity] - gravity[a.severity] || b.layer - a.layer),
    verdict: verdictOf(findings),
    solved: parts.every(({ area, indices }) =>
      solved.some(
        (one) =>
          one.area === area &&
          sameLayers(
            one.layerIds,
            indices.map((index) => layers[index]!.id),
          ),
      ),
    ),
    workingTime,
  }
}

const gravity = { note: 0, watch: 1, unsound: 2 } as const

const sameLayers = (a: readonly string[], b: readonly string[]): boolean =>
  a.length === b.length && a.every((id, index) => id === b[index])

const overOf = (layers: readonly LayerDocument[], index: number): readonly number[] =>
  layers.slice(0, index).flatMap((lower, at) => (overlap(lower, layers[index]!) ? [at] : []))

type MadeMixture = ReturnType<typeof mixtureOf>
interface MadeFilm {
  readonly film: Film | null
  readonly problem: string | null
}

/** Each layer's film, drinking into what the nearest layer under it left thirsty, or into the ground. */
function filmsByLayer(
  { painting, layers }: Picture,
  mixtures: readonly MadeMixture[],
  findMaterial: FindMaterial,
): readonly MadeFilm[] {
  const ground = suctionUmOf(painting.ground ? groundOf(painting.ground) : undefined)
  const made: MadeFilm[] = []
  layers.forEach((layer, index) => {
    const mixture = mixtures[index]!
    if ('problem' in mixture) {
      made.push({ film: null, problem: mixture.problem })
      return
    }
    const nearest = overOf(layers, index)
      .toReversed()
      .find((lower) => made[lower]!.film)
    const found = filmOf(
      { ...mixture.mixture, suctionUm: nearest === undefined ? ground : made[nearest]!.film!.suctionLeftUm },
      findMaterial,
    )
    made.push(
      found.ok
        ? { film: found.film, problem: null }
        : { film: null, problem: `${layer.name}: ${found.message}` },
    )
  })
  return made
}

const stackLayerOf = (
  layer: LayerDocument,
  mixture: Omit<Mixture, 'suctionUm'>,
  appliedDay: number,
  evidence: readonly Evidence[],
): StackLayer => ({
  name: layer.name,
  mixture,
  appliedDay,
  evidence,
  ...(layer.ridgeWetUm !== null && { ridgeWetUm: layer.ridgeWetUm }),
})

interface AreaStack {
  readonly area: string | null
  readonly indices: readonly number[]
  readonly stack: Stack
  readonly films: readonly Film[]
}

function stacksOf(
  picture: Picture,
  mixtures: readonly MadeMixture[],
  films: readonly MadeFilm[],
  dates: readonly StepDate[],
  steps: readonly Step[],
): readonly AreaStack[] {
  const { painting, layers, settings } = picture
  return areasOf(layers).map((area) => {
    const indices = layers.flatMap((layer, index) =>
      covers(layer, area) && films[index]!.film ? [index] : [],
    )
    return {
      area,
      indices,
      films: indices.map((index) => films[index]!.film!),
      stack: {
        support: supportOf(painting.support)!,
        groundSuctionUm: suctionUmOf(painting.ground ? groundOf(painting.ground) : undefined),
        practice: practiceOf(painting.practice)!,
        climate: settings.climate,
        layers: indices.map((index) => {
          const mixture = mixtures[index] as { mixture: Omit<Mixture, 'suctionUm'> }
          return stackLayerOf(
            layers[index]!,
            mixture.mixture,
            dates[index]!.day,
            steps[index]!.forecast.evidence,
          )
        }),
      },
    }
  })
}

/**
 * Solves the cure of every area, then once more if that moved a date by over half a day. Null only when stopped.
 * Slow (tens of milliseconds): for a worker or the server.
 */
export function solve(
  picture: Picture,
  findMaterial: FindMaterial,
  options?: SolverOptions,
): readonly SolvedArea[] | null {
  let solved: readonly SolvedArea[] = []
  let dates: readonly number[] = []
  for (let round = 0; round < 3; round++) {
    const assessed = assess(picture, findMaterial, solved)
    const now = assessed.layers.map(({ date }) => date.day)
    if (round > 0 && now.every((day, index) => Math.abs(day - dates[index]!) <= 0.5)) break
    dates = now
    const next = solveOnce(picture, findMaterial, assessed, options)
    if (!next) return null
    solved = next
  }
  return solved
}

function solveOnce(
  picture: Picture,
  findMaterial: FindMaterial,
  assessed: Assessment,
  options?: SolverOptions,
): readonly SolvedArea[] | null {
  const mixtures = picture.layers.map((layer) => mixtureOf(layer, picture.mediums, findMaterial))
  const films = assessed.layers.map(({ film, problem }) => ({ film, problem }))
  const steps = assessed.layers.map(({ step }) => step)
  const dates = assessed.layers.map(({ date }) => date)
  const areas: SolvedArea[] = []
  for (const { area, indices, stack, films: areaFilms } of stacksOf(picture, mixtures, films, dates, steps)) {
    const cureLayers = cureLayersOf(stack, areaFilms)
    const solution: CureSolution | null = solveToHorizon(cureLayers, picture.settings.climate, options)
    if (!solution) return null
    areas.push({
      area,
      layerIds: indices.map((index) => picture.layers[index]!.id),
      states: solution.layers,
      mismatch: mismatchOf(cureLayers, solution),
    })
  }
  return areas
}
