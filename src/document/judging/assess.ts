import { driesAtOnce, forecastOf, laidOn } from '../../core/cure/forecast.ts'
import type { Forecast, Laying } from '../../core/cure/forecast.ts'
import { allAt } from '../../core/cure/states.ts'
import type { StateDays } from '../../core/cure/states.ts'
import { stateDaysFromTable } from '../../core/cure/table.ts'
import type { BeforeDrinking, Film } from '../../core/film/film.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { dayOf, morning } from '../../core/plan/calendar.ts'
import { forwardDates } from '../../core/plan/forward.ts'
import type { StepDate, WorkingTime } from '../../core/plan/forward.ts'
import { stepsOf } from '../../core/plan/step.ts'
import type { Asks, Spot, Step } from '../../core/plan/step.ts'
import { gateOf } from '../../core/practice/gate.ts'
import type { Verdict } from '../../core/severity.ts'
import type { Finding } from '../../core/soundness/finding.ts'
import { hintsIn } from '../../core/soundness/habits.ts'
import type { Hint } from '../../core/soundness/habits.ts'
import { judge } from '../../core/soundness/judge.ts'
import { groundReadyDays } from '../../core/soundness/rules/ground.ts'
import { cureLayersOf, layArea, statesOf } from '../../core/soundness/lay.ts'
import type { AreaSolve, LaidGround, LaidPicture, PlannedAction } from '../../core/soundness/lay.ts'
import { covers } from '../../core/stack/area.ts'
import type { Area } from '../../core/stack/area.ts'
import { leftOn } from '../../core/stack/fold.ts'
import type { ReadyEvent, Stratum } from '../../core/stack/fold.ts'
import { isVarnish } from '../../core/stack/kinds.ts'
import { removalRestDays } from '../../core/stack/rest.ts'
import { varnishNeeds } from '../../core/finish/varnishNeeds.ts'
import { groundOf, supportOf } from '../../core/stack/support.ts'
import { paintedAtOf } from '../brush.ts'
import type { Departure } from '../departure.ts'
import type { LayerDocument } from '../layer.ts'
import { fingersOn } from './fingers.ts'
import { learntPaceOf } from '../picture/learnt.ts'
import { folded, noForecast, roomOf } from '../picture/picture.ts'
import type { AreaStrata, Folded, Picture } from '../picture/picture.ts'
import { clockOfRoom } from '../picture/pictureRoom.ts'
import { unsolved } from '../picture/solved.ts'
import type { PaintingDocument, PictureDate } from '../studio.ts'
import type { SolvedPicture } from '../picture/solved.ts'
import { takenOnIn } from './takenOn.ts'
import { workingDaysOf } from '../picture/workingDays.ts'

/** A layer in one of its areas. */
export interface AssessedSpot extends Spot {
  readonly film: Film
  /** Dry thickness at its thickest, µm. */
  readonly thickestUm: number
  /** The layer whose film it is, by its place in the picture: a further pass is part of the first. */
  readonly layer: number
  /** What is left of it once all that takes from it is done, 0..1. */
  readonly left: number
  /** What each of its passes would dry to, first to last. */
  readonly passes: readonly BeforeDrinking[]
  /** Its states by the book alone, in the steady room. */
  readonly bookDays: StateDays
}

export interface AssessedLayer {
  readonly id: string
  /** Wherever it lies, in the order of the areas; nowhere while it cannot be made. */
  readonly spots: readonly AssessedSpot[]
  /** Where it is last to become firm: its own figures are those. Null while it cannot be made; `problem` says why. */
  readonly worst: AssessedSpot | null
  readonly problem: string | null
  readonly forecast: Forecast
  readonly date: StepDate
  readonly step: Step
}

export interface AssessedArea {
  readonly area: Area
  readonly verdict: Verdict
  /** The layers that lie in it, bottom first, by their place in the picture. */
  readonly layers: readonly number[]
}

export interface AssessedFinding extends Finding {
  readonly layerId: string
  /** What the painter has said of it, where it is taken on knowingly: it changes no verdict then. */
  readonly takenOn: Departure | null
  readonly underId?: string
}

export interface Assessment {
  readonly layers: readonly AssessedLayer[]
  readonly areas: readonly AssessedArea[]
  readonly findings: readonly AssessedFinding[]
  readonly verdict: Verdict
  /** What soft habits of practice would have done otherwise; they change no verdict. */
  readonly hints: readonly Hint[]
  /** True once every area was judged with a solve of its own layers. */
  readonly solved: boolean
  readonly workingTime: WorkingTime
}

/**
 * Films, forecasts, dates and verdict of a whole painting, in every area. Fast: what a solve of the same layers has found
 * is used, else state times come from the single-layer table and the mismatch is not known yet.
 */
export function assess(
  picture: Picture,
  findMaterial: FindMaterial,
  solved: SolvedPicture = unsolved,
): Assessment {
  const { layers } = picture
  const fold = folded(picture, findMaterial)
  const solves = fold.areas.map((one) => solveOf(one, layers, solved))
  const undated = fold.areas.map((one, at) => spotsOf(picture, fold, one, solves[at]!))
  const planned = stepsIn(picture, fold, undated, solved)
  const workingTime = workingTimeOf(picture)
  const dates = forwardDates(planned, workingTime)
  const dayOfLayer = (at: number): number => dates[at]!.day
  const found = undated.map((spots) => spotsOn(spots, dayOfLayer))
  const steps = isSteady(picture) ? planned : stepsIn(picture, fold, found, solved)
  const laid = laidAt(picture, fold, found, solves, dayOfLayer)
  const takenOn = takenOnIn(picture)
  const judged = judge(laid, (finding) => takenOn(finding) !== null)
  return {
    layers: layers.map(({ id }, at): AssessedLayer => {
      const spots = found.flatMap((inArea) => inArea.get(at) ?? [])
      const worst = slowest(spots)
      return {
        id,
        spots,
        worst,
        problem: fold.problems[at]!,
        forecast: worst?.forecast ?? noForecast,
        date: dates[at]!,
        step: steps[at]!,
      }
    }),
    areas: judged.areas.map(({ area, verdict }, at) => ({
      area,
      verdict,
      layers: fold.areas[at]!.strata.map(({ event }) => event),
    })),
    findings: judged.findings.map((finding) => ({
      ...finding,
      layerId: layers[finding.layer]!.id,
      takenOn: takenOn(finding),
      ...(finding.under !== undefined && { underId: layers[finding.under]!.id }),
    })),
    verdict: judged.verdict,
    hints: hintsIn(laid, picture.painting.habitsOff),
    solved: solves.every((solve) => solve !== null),
    workingTime,
  }
}

const isSteady = (picture: Picture): boolean => roomOf(picture).paces === null

/** The spots of an area once it is known when each layer goes on: where the room changes, it counts. */
function spotsOn(
  spots: ReadonlyMap<number, AssessedSpot>,
  dayOfLayer: (at: number) => number,
): ReadonlyMap<number, AssessedSpot> {
  const laid = new Map<AssessedSpot, AssessedSpot>()
  for (const spot of spots.values()) {
    const forecast = laidOn(spot.forecast, dayOfLayer(spot.layer))
    laid.set(spot, forecast === spot.forecast ? spot : { ...spot, forecast })
  }
  return new Map([...spots].map(([at, spot]) => [at, laid.get(spot)!]))
}

/** The finding that makes the verdict; undefined where nothing does. */
export const gravestOf = ({
  findings,
  verdict,
}: Pick<Assessment, 'findings' | 'verdict'>): AssessedFinding | undefined =>
  findings.find(
    ({ severity, about, takenOn }) => severity === verdict && about !== 'look' && takenOn === null,
  )

export const workingTimeOf = ({ settings, today }: Picture): WorkingTime => ({
  today,
  ...workingDaysOf(settings),
  confidence: settings.confidence,
})

/** What was found of this area with just these layers in it; null: it has to be solved. */
function solveOf(
  { area, strata }: AreaStrata,
  layers: readonly LayerDocument[],
  solved: SolvedPicture,
): AreaSolve | null {
  const ids = strata.map(({ event }) => layers[event]!.id)
  const known = solved.areas.find((one) => one.area === area.id)
  return known && known.layerIds.join() === ids.join() ? known : null
}

/** Each layer of an area as it lies there, by its place in the picture; what is not solved goes by the table. */
export function spotsOf(
  picture: Picture,
  { events, practice }: Folded,
  { area, strata }: AreaStrata,
  solve: Pick<AreaSolve, 'states'> | null,
): ReadonlyMap<number, AssessedSpot> {
  const films = cureLayersOf(strata, events, () => 0)
  const { climate } = roomOf(picture)
  return new Map(
    strata.flatMap((stratum, at): (readonly [number, AssessedSpot])[] => {
      const { event, film, thickestUm, goneBy, passes } = stratum
      const solved = solve?.states[at] ?? stateDaysFromTable(films[at]!, picture.settings.climate)
      const states = statesOf(stratum, solved, climate, practice)
      const forecast = forecastOf(
        states,
        thickestUm,
        passes.flatMap((pass) => fingersOn(picture, picture.layers[pass.event]!)),
        layingOf(picture, stratum, states),
      )
      const gate = gateOf(practice, film, thickestUm)
      const spot = {
        area: area.id,
        film,
        thickestUm,
        gate,
        forecast,
        goneBy,
        layer: event,
        left: leftOn(stratum, Infinity, () => 0),
        passes: passes.map(({ mix }) => mix.film),
        bookDays: states,
      }
      return passes.map((pass) => [pass.event, spot])
    }),
  )
}

/** The room a film dries in by taking up oxygen, from which day on, and what is learnt of its kind. */
function layingOf(picture: Picture, { event, passes, thickestUm }: Stratum, states: StateDays): Laying {
  const layer = picture.layers[event]!
  const laidDay = dayOf(paintedAtOf(layer) ?? layer.plannedOn ?? '') ?? picture.today
  if (driesAtOnce({ days: states })) return { laidDay }
  return {
    laidDay,
    room: clockOfRoom(roomOf(picture)),
    learnt: picture.learnt ? learntPaceOf(picture.learnt, layer.id, passes, thickestUm) : null,
  }
}

/** The spot that becomes firm last; one that never does is the last of all. */
const slowest = (spots: readonly AssessedSpot[]): AssessedSpot | null =>
  spots.reduce<AssessedSpot | null>(
    (last, spot) => (last && firmDays(last) >= firmDays(spot) ? last : spot),
    null,
  )

const firmDays = ({ forecast }: AssessedSpot): number => forecast.days.firm ?? Infinity

/** The steps of a picture; `found` are the spots of its areas, in their order. */
export function stepsIn(
  { layers, painting, settings }: Picture,
  { events, areas }: Pick<Folded, 'events' | 'areas'>,
  found: readonly ReadonlyMap<number, Spot>[],
  { untils }: Pick<SolvedPicture, 'untils'>,
): readonly Step[] {
  const ground = groundUnder(painting)
  const groundReady =
    ground?.onDay != null ? ground.onDay + groundReadyDays(ground, settings.climate).good : null
  return stepsOf(
    layers.map((layer, at) => {
      const paintedAt = paintedAtOf(layer)
      return {
        paintedDay: paintedAt ? dayOf(paintedAt) : null,
        plannedDay: layer.plannedOn && !paintedAt ? dayOf(layer.plannedOn)! + morning : null,
        wetInWet: layer.wetInWet,
        until: untils[layer.id] ?? 'gate',
        asks: asksOf(events[at]!),
        groundReady,
        spots: areas.flatMap(({ area }, place) => spotIn(area, events[at]!, found[place]!.get(at), settings)),
      }
    }),
  )
}

/** Where an event lies in an area: its film, or what it bared. */
function spotIn(
  area: Area,
  { event }: ReadyEvent,
  spot: Spot | undefined,
  { climate }: Picture['settings'],
): readonly Spot[] {
  if (spot) return [spot]
  if (event.kind !== 'removal' || !covers(event, area.id)) return []
  const restDays = removalRestDays(event.how, event.solvent ?? null, climate.temperatureC)
  return [{ area: area.id, forecast: bareForecast, gate: 'touch', goneBy: null, restDays }]
}

/** Nothing is left to dry. */
const bareForecast = forecastOf(allAt(0), 1)

/** What an event waits for in what lies under it. */
function asksOf({ event, mix }: ReadyEvent): Asks {
  if (event.kind === 'removal') return 'nothing'
  const purpose = event.purpose ?? null
  if (isVarnish(purpose)) return varnishNeeds({ purpose, materials: mix?.materials ?? [] })
  return purpose === 'oil-out' ? { state: 'touch', restDays: 0 } : 'gate'
}

/** A picture laid for the judge, its layers on these days; `spots` and `solves` are those of its areas, in their order. */
export function laidAt(
  picture: Picture,
  { events, areas, practice }: Folded,
  spots: readonly ReadonlyMap<number, Spot>[],
  solves: readonly (AreaSolve | null)[],
  dayOfLayer: (at: number) => number,
): LaidPicture {
  const { painting, settings, layers } = picture
  const { climate, readings } = roomOf(picture)
  return {
    support: supportOf(painting.support)!,
    ground: groundUnder(painting),
    old: painting.old,
    practice,
    climate,
    policies: settings.policies,
    readings,
    actions: actionsOf(painting),
    areas: areas.map(({ area, strata }, at) =>
      layArea({
        area,
        strata,
        events,
        dayOf: dayOfLayer,
        isPainted: (at) => layers[at]!.painted !== null,
        forecasts: strata.map(({ event }) => spots[at]!.get(event)!.forecast),
        solve: solves[at]!,
      }),
    ),
  }
}

/** What its dates ask of a picture: what is sent or fetched travels. */
const actionOn: Readonly<Record<PictureDate['what'], PlannedAction['what']>> = {
  shown: 'show',
  'handed-over': 'show',
  fetched: 'ship',
  sent: 'ship',
}

const actionsOf = ({ dates }: PaintingDocument): readonly PlannedAction[] =>
  dates.map(({ what, on }) => ({ what: actionOn[what], day: dayOf(on)! }))

/** The ground it lies on; an old picture hides whatever ground it has. */
function groundUnder({ ground, groundOn, old }: PaintingDocument): LaidGround | null {
  const known = ground && !old && groundOf(ground)
  return known ? { ...known, onDay: groundOn ? dayOf(groundOn) : null } : null
}

/** The strata of an area up to a layer, by its place in the picture. */
export const upTo = (strata: readonly Stratum[], layer: number): readonly Stratum[] =>
  strata.filter(({ event }) => event <= layer)
