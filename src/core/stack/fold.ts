import { filmOver, mixOf } from '../film/film.ts'
import type { Film, Mix, MixResult } from '../film/film.ts'
import type { FindMaterial } from '../materials/find.ts'
import { covers } from './area.ts'
import type { EventKind, StackEvent } from './event.ts'

/** An event with what was on the brush weighed up, once for every area it lies in. */
export interface ReadyEvent<Event extends StackEvent = StackEvent> {
  readonly event: Event
  /** Null for an event that lays nothing, and while the mixture cannot be made. */
  readonly mix: Mix | null
  /** Why it cannot be made, and where. */
  readonly problem: Extract<MixResult, { ok: false }> | null
}

export function readied(event: StackEvent, findMaterial: FindMaterial): ReadyEvent {
  if (event.kind === 'removal') return { event, mix: null, problem: null }
  const mixture =
    event.kind === 'paint'
      ? event.mixture
      : {
          paints: [],
          medium: { ingredients: event.coat, parts: 1 },
          wetThicknessUm: event.wetThicknessUm,
        }
  const made = mixOf(mixture, findMaterial)
  return made.ok ? { event, mix: made.mix, problem: null } : { event, mix: null, problem: made }
}

/** A film where it lies, in one area. Events are told by their place in the picture's list. */
export interface Stratum {
  /** The event that laid it. */
  readonly event: number
  readonly film: Film
  /** Dry thickness at its thickest spot, µm, before anything is taken off it. */
  readonly thickestUm: number
  /** What takes some of it off, in order. */
  readonly taken: readonly { readonly event: number; readonly takes: number }[]
  /** The event that took the last of it; null: it is still there. */
  readonly goneBy: number | null
}

/** What the events make of one area, bottom first. */
interface AreaState {
  readonly strata: readonly Stratum[]
  /** What the next film finds to be drunk into, µm (= ml/m²). */
  readonly suctionUm: number
}

type Reducer<Kind extends EventKind> = (
  area: AreaState,
  ready: ReadyEvent<Extract<StackEvent, { kind: Kind }>>,
  at: number,
) => AreaState

/** One a kind of event: what it does to an area. */
const reducers: { readonly [Kind in EventKind]: Reducer<Kind> } = {
  paint: ({ strata, suctionUm }, { event, mix }, at) => laidOn(strata, suctionUm, mix, at, event.ridgeWetUm),
  clear: ({ strata, suctionUm }, { mix }, at) => laidOn(strata, suctionUm, mix, at),
  removal: ({ strata, suctionUm }, { event }, at) => {
    const top = strata.findLast(({ goneBy }) => goneBy === null)
    if (!top) return { strata, suctionUm }
    const all = event.takes > 1 - 1e-9
    const less: Stratum = {
      ...top,
      taken: [...top.taken, { event: at, takes: event.takes }],
      goneBy: all ? at : null,
    }
    return {
      strata: strata.map((one) => (one === top ? less : one)),
      // What it bares has drunk already.
      suctionUm: all ? top.film.suctionUm - top.film.drunkUm : suctionUm,
    }
  },
}

function laidOn(
  strata: readonly Stratum[],
  suctionUm: number,
  mix: Mix | null,
  at: number,
  ridgeWetUm = 0,
): AreaState {
  if (!mix) return { strata, suctionUm }
  const film = filmOver(mix, suctionUm)
  const thickestUm = Math.max(film.dryThicknessUm, ridgeWetUm * (1 - film.mix.volatile))
  const stratum: Stratum = { event: at, film, thickestUm, taken: [], goneBy: null }
  return { strata: [...strata, stratum], suctionUm: film.suctionLeftUm }
}

/** The films of one area from the ground up, each drinking into what lay under it there. */
export function fold(
  events: readonly ReadyEvent[],
  area: string,
  groundSuctionUm: number,
): readonly Stratum[] {
  const bare: AreaState = { strata: [], suctionUm: groundSuctionUm }
  return events.reduce(
    (state, ready, at) => (covers(ready.event, area) ? reducerOf(ready.event.kind)(state, ready, at) : state),
    bare,
  ).strata
}

const reducerOf = (kind: EventKind): Reducer<EventKind> => reducers[kind] as Reducer<EventKind>

/** How much of a stratum is left on a day, 0..1; `dayOf` says when an event happens. */
export const leftOn = ({ taken }: Stratum, day: number, dayOf: (event: number) => number): number =>
  taken.reduce((left, { event, takes }) => (dayOf(event) <= day ? left * (1 - takes) : left), 1)
