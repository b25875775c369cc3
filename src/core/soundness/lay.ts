import type { Forecast } from '../cure/forecast.ts'
import type { CureSolution } from '../cure/solver.ts'
import type { StateDays } from '../cure/states.ts'
import { allAt, neverDays } from '../cure/states.ts'
import type { Climate } from '../cure/climate.ts'
import type { Film, ResinIn } from '../film/film.ts'
import type { Material } from '../materials/material.ts'
import type { PolicyId } from '../materials/policy.ts'
import type { Practice } from '../practice/practice.ts'
import type { Area } from '../stack/area.ts'
import { cureLayerOf } from '../stack/cure.ts'
import type { Painting, Preparation, RemovalWay } from '../stack/event.ts'
import { isVarnish } from '../stack/kinds.ts'
import type { Purpose } from '../stack/kinds.ts'
import { leftOn } from '../stack/fold.ts'
import type { ReadyEvent, Stratum } from '../stack/fold.ts'
import type { Ground, Support } from '../stack/support.ts'
import { curedAt, mismatchOf, wetInWet } from './mismatch.ts'
import { isOilFilm, isOily, isWaterborne } from '../film/kindOfFilm.ts'
import { leavesToSet } from '../film/physicalSet.ts'
import { leavingTimes, waterDays } from '../film/waterDays.ts'
import type { Mismatch, MismatchLayer, MismatchPair } from './mismatch.ts'

/** A film where it lies, with everything the rules compare. */
export interface LaidLayer {
  /** Its place in the area, 0 at the bottom, and the event that laid it. */
  readonly index: number
  readonly event: number
  readonly name: string
  /** Ids of the areas it lies in; none: everywhere. */
  readonly areas: readonly string[]
  readonly film: Film
  /** What it is for, where that is told. */
  readonly purpose: Purpose | null
  /** Judged as an oil film: neither a varnish nor waterborne (rules.md, What is not an oil film). */
  readonly isOilFilm: boolean
  /** The events of its passes, and of what it was painted into; its own among them. */
  readonly passes: readonly number[]
  /** What was done to what lies under it, so that it takes hold. */
  readonly prepared: Preparation | null
  /** How far it goes past every edge of its areas, mm. */
  readonly pastEdgeMm: number
  /** All that was on the brush, each once or more. */
  readonly materials: readonly Material[]
  /** Its resins and balsams, each with its share of the dried film by mass. */
  readonly resins: readonly ResinIn[]
  /** Which medium is in it, and in how many layers of one place it may be used; null: none, or in any number. */
  readonly medium: NonNullable<Painting['medium']> | null
  /** On the picture already: what it is can no longer be chosen. */
  readonly isPainted: boolean
  readonly appliedDay: number
  /** Drying speed with any plain factor on it, raw linseed = 1. */
  readonly rate: number
  /** Dry thickness at the thickest spot, µm. */
  readonly thickestUm: number
  readonly forecast: Forecast
  /** What is left of it on a day, 0..1. */
  readonly leftOn: (day: number) => number
  /** The day the last of it was taken off; null: it is there to the end. */
  readonly goneDay: number | null
}

/** An upper layer over a lower one where they meet, the lower still there. */
export interface LaidPair {
  readonly lower: LaidLayer
  readonly upper: LaidLayer
  /** Painted wet into wet: they dry as one. */
  readonly isOneFilm: boolean
  /** Days between the two. */
  readonly waited: number
  /** Thickest spot of the lower when the upper goes on, µm dry. */
  readonly lowerUm: number
  /** Their mismatch; null until a solve of this area, or of one like it, is at hand. */
  readonly mismatch: MismatchPair | null
}

/** Something taken off a film. */
export interface LaidRemoval {
  readonly event: number
  readonly name: string
  readonly how: RemovalWay
  readonly day: number
  /** Of what the film had left, 0..1. */
  readonly takes: number
  /** Null: dry. */
  readonly solvent: Material | null
  readonly from: LaidLayer
  /** What lies bare afterwards; null: the ground, or what is left of the film itself. */
  readonly bares: LaidLayer | null
}

export interface LaidArea {
  readonly area: Area
  /** Bottom first. */
  readonly layers: readonly LaidLayer[]
  /** In their order. */
  readonly removals: readonly LaidRemoval[]
  /** For each layer those under it, bottom first. */
  readonly pairs: readonly (readonly LaidPair[])[]
}

/** A picture as the rules see it. */
export interface LaidPicture {
  readonly support: Support
  readonly ground: LaidGround | null
  /** What was painted here before; null: the ground is bare. */
  readonly old: OldPicture | null
  readonly practice: Practice
  readonly climate: Climate
  /** What the room forbids. */
  readonly policies: readonly PolicyId[]
  /** The room day by day, where it is on record; else its set climate stands for every day. */
  readonly readings: readonly RoomReading[]
  /** What is to be done with the picture, which may bend or shake it. */
  readonly actions: readonly PlannedAction[]
  readonly areas: readonly LaidArea[]
}

/** What the room was on a day. */
export interface RoomReading extends Pick<Climate, 'temperatureC' | 'relativeHumidityPct'> {
  readonly day: number
}

export const actionKinds = ['pack', 'key', 'roll', 'stretch', 'ship', 'show'] as const
export interface PlannedAction {
  readonly day: number
  readonly what: (typeof actionKinds)[number]
}

/** An old picture that is painted over, as far as it is known. */
export interface OldPicture {
  readonly isVarnished: boolean
  readonly isWaxy: boolean
  readonly isGlossy: boolean
  /** Years since it was last painted; null: not known, and taken as old. */
  readonly years: number | null
  readonly prepared: Preparation | null
}

export interface LaidGround extends Ground {
  /** The day it was put on; null: not told. */
  readonly onDay: number | null
}

/** A film where it lies, as its states are told. */
interface LyingFilm {
  readonly film: Film
  readonly thickestUm: number
  readonly purpose: Purpose | null
}

/** Days until the spirit of a varnish has left it, up to 100 µm; an estimate. */
const varnishDryDays = 1

/**
 * When a film reaches its states, `days` by its oil: by its water where water carries it; never, where its oil does not
 * harden. What sets by losing water or spirit counts as touch dry from then on.
 */
export function statesOf(
  { film, thickestUm, purpose }: LyingFilm,
  days: StateDays,
  climate: Climate,
  { limits }: Practice,
): StateDays {
  if (isWaterborne(film)) return waterDays(film, climate)
  if (isVarnish(purpose) && !isOily(film)) return allAt(varnishDryDays * leavingTimes(thickestUm, climate))
  if (!film.hardens) return neverDays
  if (leavesToSet(film) === null) return days
  const set = limits.physicalSet.watch * leavingTimes(thickestUm, climate)
  return { ...days, touch: Math.min(days.touch ?? Infinity, set) }
}

/** What was found by solving an area; its layers are those of the area's strata. */
export interface AreaSolve {
  readonly states: readonly StateDays[]
  readonly mismatch: Mismatch
  /** Pairs of layers that dry as one film. */
  readonly oneFilms: readonly (readonly [lower: number, upper: number])[]
}

/** The films of an area as the solver sees them. */
export const cureLayersOf = (
  strata: readonly Stratum[],
  events: readonly ReadyEvent[],
  dayOf: (event: number) => number,
): readonly MismatchLayer[] =>
  strata.map((stratum) => cureLayerOf(stratum, events[stratum.event]!.event, dayOf))

/**
 * What a solution of these films says, small enough to be kept.
 * @param from the lowest layer whose mismatch is told
 */
export function areaSolveOf(layers: readonly MismatchLayer[], solution: CureSolution, from = 1): AreaSolve {
  return {
    states: solution.layers,
    mismatch: mismatchOf(layers, solution, from),
    oneFilms: layers.flatMap(({ appliedDay }, upper) =>
      layers.slice(0, upper).flatMap((under, lower) => {
        const cured = curedAt(solution, lower, appliedDay)
        return wetInWet(appliedDay - under.appliedDay, cured) ? [[lower, upper] as const] : []
      }),
    ),
  }
}

export interface AreaToLay {
  readonly area: Area
  readonly strata: readonly Stratum[]
  readonly events: readonly ReadyEvent[]
  readonly dayOf: (event: number) => number
  readonly isPainted?: (event: number) => boolean
  /** Of every stratum. */
  readonly forecasts: readonly Forecast[]
  readonly solve: Omit<AreaSolve, 'states'> | null
}

/** Puts an area together for judging. */
export function layArea({ area, strata, events, dayOf, isPainted, forecasts, solve }: AreaToLay): LaidArea {
  const films = cureLayersOf(strata, events, dayOf)
  const layers = strata.map((stratum, index): LaidLayer => ({
    index,
    event: stratum.event,
    name: events[stratum.event]!.event.name,
    areas: events[stratum.event]!.event.areas,
    film: stratum.film,
    purpose: stratum.purpose,
    isOilFilm: isOilFilm(stratum.film) && !isVarnish(stratum.purpose),
    passes: stratum.passes.map(({ event }) => event),
    prepared: preparedIn(events[stratum.event]!),
    pastEdgeMm: pastEdgeIn(events[stratum.event]!),
    materials: stratum.passes.flatMap(({ mix }) => mix.materials),
    resins: stratum.passes.flatMap(({ mix }) => mix.resins),
    medium: mediumIn(events[stratum.event]!),
    isPainted: isPainted?.(stratum.event) ?? false,
    appliedDay: dayOf(stratum.event),
    rate: films[index]!.rate,
    thickestUm: stratum.thickestUm,
    forecast: forecasts[index]!,
    leftOn: (day) => leftOn(stratum, day, dayOf),
    goneDay: stratum.goneBy === null ? null : dayOf(stratum.goneBy),
  }))
  const isOneFilm = (lower: number, upper: number): boolean => {
    // Oil over a waterborne film that is still wet lies on it, and dries apart from it.
    if (isWaterborne(strata[lower]!.film) !== isWaterborne(strata[upper]!.film)) return false
    if (solve) return solve.oneFilms.some((pair) => pair[0] === lower && pair[1] === upper)
    const between = films[upper]!.appliedDay - films[lower]!.appliedDay
    return wetInWet(between, roughlyCured(forecasts[lower]!.days, between))
  }
  const mismatches = new Map(
    solve?.mismatch.pairs.map((pair) => [pair.upper * layers.length + pair.lower, pair]),
  )
  return {
    area,
    layers,
    removals: removalsIn(strata, layers, events, dayOf),
    pairs: layers.map((upper) =>
      layers.slice(0, upper.index).flatMap((lower): readonly LaidPair[] => {
        const isThere = lower.goneDay === null || lower.goneDay > upper.appliedDay
        if (!isThere) return []
        return [
          {
            lower,
            upper,
            isOneFilm: isOneFilm(lower.index, upper.index),
            waited: upper.appliedDay - lower.appliedDay,
            lowerUm: lower.thickestUm * lower.leftOn(upper.appliedDay),
            mismatch: mismatches.get(upper.index * layers.length + lower.index) ?? null,
          },
        ]
      }),
    ),
  }
}

const preparedIn = ({ event }: ReadyEvent): Preparation | null =>
  event.kind === 'removal' ? null : (event.prepared ?? null)

const mediumIn = ({ event }: ReadyEvent): LaidLayer['medium'] =>
  (event.kind === 'paint' && event.medium) || null

const pastEdgeIn = ({ event }: ReadyEvent): number => (event.kind === 'clear' && event.pastEdgeMm) || 0

/** What was taken off here, in its order, with what it bared. */
function removalsIn(
  strata: readonly Stratum[],
  layers: readonly LaidLayer[],
  events: readonly ReadyEvent[],
  dayOf: (event: number) => number,
): readonly LaidRemoval[] {
  return strata
    .flatMap(({ taken, goneBy }, at) =>
      taken.flatMap(({ event, takes }): LaidRemoval[] => {
        const removal = events[event]!.event
        if (removal.kind !== 'removal') return []
        const isThere = (under: Stratum): boolean => under.goneBy === null || under.goneBy > event
        const below = goneBy === event ? strata.slice(0, at).findLastIndex(isThere) : -1
        const { name, how, solvent = null } = removal
        const [from, bares] = [layers[at]!, layers[below] ?? null]
        return [{ event, name, how, day: dayOf(event), takes, solvent, from, bares }]
      }),
    )
    .sort((a, b) => a.event - b.event)
}

/** Cured fraction of a young layer, scaled from its touch time: x rises nearly in line with time up to touch dry. */
const roughlyCured = (states: StateDays, day: number): number =>
  states.touch === null ? 0 : (0.35 * day) / states.touch
