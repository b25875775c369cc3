import type { SolverOptions } from '../../core/cure/solver.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { dateOf } from '../../core/plan/forward.ts'
import type { StepDate } from '../../core/plan/forward.ts'
import { untils } from '../../core/plan/step.ts'
import type { Until } from '../../core/plan/step.ts'
import { judge, verdictOf } from '../../core/soundness/judge.ts'
import { areaSolveOf, cureLayersOf } from '../../core/soundness/lay.ts'
import type { AreaSolve, LaidArea } from '../../core/soundness/lay.ts'
import { solveToHorizon } from '../../core/soundness/mismatch.ts'
import { laidAt, spotsOf, stepsIn, upTo, workingTimeOf } from '../judging/assess.ts'
import { folded, roomOf } from '../picture/picture.ts'
import type { AreaStrata, Folded, Picture } from '../picture/picture.ts'
import { clockOfRoom, steadyDay } from '../picture/pictureRoom.ts'
import type { SolvedPicture } from '../picture/solved.ts'
import { takenOnIn } from '../judging/takenOn.ts'

/**
 * Dates every layer from the bottom up, each on the first day on which the judge finds nothing unsound on it, and solves
 * the cure of every area. Null only when stopped. Slow (tens of milliseconds): for a worker or the server.
 */
export function solve(
  picture: Picture,
  findMaterial: FindMaterial,
  options?: SolverOptions,
): SolvedPicture | null {
  const fold = folded(picture, findMaterial)
  const plan: Plan = { picture, fold, dates: [], untils: {}, solves: fold.areas.map(() => null), options }
  for (let layer = 0; layer < picture.layers.length; layer++) if (!place(plan, layer)) return null
  if (!solveAreas(plan, picture.layers.length - 1, plan.dates, plan.solves)) return null
  return {
    areas: fold.areas.map(({ area, strata }, at) => ({
      area: area.id,
      layerIds: strata.map(({ event }) => picture.layers[event]!.id),
      ...plan.solves[at]!.solve,
    })),
    untils: plan.untils,
  }
}

/** What is dated and solved so far, from the bottom up. */
interface Plan {
  readonly picture: Picture
  readonly fold: Folded
  /** Of every layer placed. */
  readonly dates: StepDate[]
  readonly untils: Record<string, Until>
  /** By area: the last solve, and how many of its strata were in it. */
  readonly solves: (Solved | null)[]
  readonly options: SolverOptions | undefined
}

interface Solved {
  readonly strata: number
  readonly solve: AreaSolve
}

/** Gives a layer its date; false when stopped. */
function place(plan: Plan, layer: number): boolean {
  const { picture, dates } = plan
  const { id, painted, plannedOn, wetInWet } = picture.layers[layer]!
  const isDated = painted !== null || plannedOn !== null || wetInWet
  if (isDated) {
    dates.push(dateWith(plan, layer, 'gate'))
    return true
  }
  if (!solveAreas(plan, layer - 1, dates, plan.solves)) return false
  let before = -Infinity
  for (const until of untils) {
    const date = dateWith(plan, layer, until)
    if (date.source !== 'forecast') break
    if (date.day <= before) continue
    before = date.day
    const tried = [...plan.solves]
    if (!solveAreas(plan, layer, [...dates, date], tried)) return false
    if (isUnsound(plan, layer, [...dates, date], tried)) continue
    plan.untils[id] = until
    plan.solves.splice(0, tried.length, ...tried)
    dates.push(date)
    return true
  }
  // Where the gates themselves may never be reached there is no date to look for.
  if (before > -Infinity) plan.untils[id] = 'never'
  dates.push(dateWith(plan, layer, plan.untils[id] ?? 'gate'))
  return true
}

/** The date a layer has if it waits for this, by what is solved of those under it. */
function dateWith(
  { picture, fold, dates, untils: known, solves }: Plan,
  layer: number,
  until: Until,
): StepDate {
  const placed = { ...picture, layers: picture.layers.slice(0, layer + 1) }
  const inAreas = fold.areas.map((area, at) => {
    const strata = upTo(area.strata, layer)
    return spotsOf(picture, fold, { ...area, strata }, solves[at]?.solve ?? null)
  })
  const steps = stepsIn(placed, fold, inAreas, {
    untils: { ...known, [picture.layers[layer]!.id]: until },
  })
  return dateOf(steps[layer]!, dates, workingTimeOf(picture))
}

/**
 * Solves every area with all layers up to this one, unless it is solved so; false when stopped. While more is to come the
 * mismatch of the topmost alone is told: only what is new is judged.
 */
function solveAreas(
  { picture, fold, options }: Plan,
  layer: number,
  dates: readonly StepDate[],
  solves: (Solved | null)[],
): boolean {
  for (const [at, area] of fold.areas.entries()) {
    const strata = upTo(area.strata, layer)
    if (solves[at]?.strata === strata.length) continue
    const clock = clockOfRoom(roomOf(picture))
    const laid = dayIn(dates)
    const films = cureLayersOf(strata, fold.events, (layer) => steadyDay(clock, laid(layer)))
    const solution = solveToHorizon(films, picture.settings.climate, options)
    if (!solution) return false
    const isWhole = strata.length === area.strata.length
    const solve = areaSolveOf(films, solution, isWhole ? 1 : films.length - 1)
    solves[at] = { strata: strata.length, solve }
  }
  return true
}

/** Whether the judge finds something unsound on this layer; how those under it fit one another was judged before. */
function isUnsound(
  { picture, fold }: Plan,
  layer: number,
  dates: readonly StepDate[],
  solves: readonly (Solved | null)[],
): boolean {
  const areas = fold.areas.map((area): AreaStrata => ({ ...area, strata: upTo(area.strata, layer) }))
  const known = solves.map((one) => one?.solve ?? null)
  const spots = areas.map((area, at) => spotsOf(picture, fold, area, known[at]!))
  const laid = laidAt(picture, { ...fold, areas }, spots, known, dayIn(dates))
  const takenOn = takenOnIn(picture)
  const found = judge({ ...laid, areas: laid.areas.map((area) => pairsOf(area, layer)) }).findings.filter(
    (one) => one.layer === layer && takenOn(one) === null,
  )
  return verdictOf(found) === 'unsound'
}

/** An area with none but the pairs of which this layer is the upper. */
const pairsOf = (area: LaidArea, layer: number): LaidArea => ({
  ...area,
  pairs: area.pairs.map((pairs, index) => (area.layers[index]!.event === layer ? pairs : [])),
})

/** When a layer goes on; what is not placed yet never happens. */
const dayIn =
  (dates: readonly StepDate[]) =>
  (layer: number): number =>
    dates[layer]?.day ?? Infinity
