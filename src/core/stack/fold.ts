import { filmOver, mixedTogether, mixOf } from '../film/film.ts'
import type { Film, LaidMix, Mix, MixResult } from '../film/film.ts'
import type { FindMaterial } from '../materials/find.ts'
import { covers } from './area.ts'
import type { EventForm, Removal, StackEvent } from './event.ts'
import { isVarnish } from './kinds.ts'
import type { Purpose } from './kinds.ts'

/** An event with what was on the brush weighed up, once for every area it lies in. */
export interface ReadyEvent<Event extends StackEvent = StackEvent> {
  readonly event: Event
  /** Null for an event that lays nothing, and while the mixture cannot be made. */
  readonly mix: Mix | null
  /** Why it cannot be made, and where. */
  readonly problem: Extract<MixResult, { ok: false }> | null
}

/** A film is laid at least so thick, µm wet, however well it was wiped. */
const leastWetUm = 0.01

export function readied(event: StackEvent, findMaterial: FindMaterial): ReadyEvent {
  if (event.kind === 'removal') return { event, mix: null, problem: null }
  const mixture =
    event.kind === 'paint'
      ? event.mixture
      : {
          paints: [],
          medium: { ingredients: event.coat, parts: 1 },
          wetThicknessUm: Math.max(leastWetUm, event.wetThicknessUm * (1 - (event.wiped ?? 0))),
        }
  const made = mixOf(mixture, findMaterial)
  return made.ok ? { event, mix: made.mix, problem: null } : { event, mix: null, problem: made }
}

/** One of the mixes a film was laid in, with its event. */
export interface Pass extends LaidMix {
  readonly event: number
}

/** A film where it lies, in one area. Events are told by their place in the picture's list. */
export interface Stratum {
  /** The event that laid it, or the first of it. */
  readonly event: number
  /** All it was laid in, first to last: one as a rule, several of one sitting. */
  readonly passes: readonly Pass[]
  readonly purpose: Purpose | null
  readonly film: Film
  /** Dry thickness at its thickest spot, µm, before anything is taken off it. */
  readonly thickestUm: number
  /** What takes some of it off, in order. */
  readonly taken: readonly { readonly event: number; readonly takes: number }[]
  /** The event that took the last of it; null: it is still there. */
  readonly goneBy: number | null
}

interface OpenOil {
  readonly pass: Pass
  readonly intoIt: readonly number[]
}

/** What the events make of one area, bottom first. */
interface AreaState {
  readonly strata: readonly Stratum[]
  /** What the next film finds to be drunk into, µm (= ml/m²). */
  readonly suctionUm: number
  /** Oil on the surface that is painted into, and by which events. */
  readonly open: readonly OpenOil[]
}

type Reducer<Form extends EventForm> = (
  area: AreaState,
  ready: ReadyEvent<Extract<StackEvent, { kind: Form }>>,
  at: number,
) => AreaState

/** One a form of event: what it does to an area. */
const reducers: { readonly [Form in EventForm]: Reducer<Form> } = {
  paint: (area, { event, mix }, at) => (mix ? laidOn(area, event, mix, at, event.ridgeWetUm) : area),
  clear: (area, { event, mix }, at) => {
    if (!mix) return area
    const { intoIt = [] } = event
    return intoIt.length > 0
      ? { ...area, open: [...area.open, { pass: passOf(mix, at), intoIt }] }
      : laidOn(area, event, mix, at)
  },
  removal: (area, { event }, at) =>
    event.how === 'varnish-off' ? withoutVarnish(area, at) : takenOff(area, event, at),
}

const passOf = (mix: Mix, event: number): Pass => ({ event, mix, wetUm: mix.film.wetThicknessUm })

function laidOn(
  before: AreaState,
  { purpose = null, isPass = false }: Extract<StackEvent, { kind: 'paint' | 'clear' }>,
  mix: Mix,
  at: number,
  ridgeWetUm = 0,
): AreaState {
  const joining = before.open.filter(({ intoIt }) => intoIt.includes(at)).map(({ pass }) => pass)
  const area = closed(
    before,
    before.open.filter(({ intoIt }) => !intoIt.includes(at)),
  )
  const top = topOf(area)
  const under = isPass && top && top.taken.length === 0 ? top : null
  const passes = [...(under?.passes ?? []), ...joining, passOf(mix, at)]
  const film = filmOver(mixOfPasses(passes), under?.film.suctionUm ?? area.suctionUm)
  const ridge = ridgeWetUm * (1 - film.mix.volatile)
  const stratum: Stratum = {
    event: under?.event ?? at,
    passes,
    purpose: under?.purpose ?? purpose,
    film,
    thickestUm: Math.max(film.dryThicknessUm, ridge, under?.thickestUm ?? 0),
    taken: [],
    goneBy: null,
  }
  const strata = under ? area.strata.filter((one) => one !== under) : area.strata
  return { strata: [...strata, stratum], suctionUm: film.suctionLeftUm, open: [] }
}

const mixOfPasses = (passes: readonly Pass[]): Mix =>
  passes.length === 1 ? passes[0]!.mix : mixedTogether(passes as readonly [Pass, ...Pass[]])

const topOf = ({ strata }: AreaState): Stratum | undefined => strata.findLast(({ goneBy }) => goneBy === null)

/** What solvent leaves on the surface when a wet film is wiped off with it, µm; an estimate. */
const residueUm = 2

/** The share of what a film has left that goes, 0..1. */
function shareTaken(film: Stratum, { how, takes, takesUm, solvent }: Removal): number {
  const leftUm = film.taken.reduce((um, taken) => um * (1 - taken.takes), film.thickestUm)
  const wanted = takesUm === undefined ? takes : Math.min(1, takesUm / leftUm)
  const stays = how === 'wipe' && solvent ? Math.min(1, residueUm / leftUm) : 0
  return Math.min(wanted, 1 - stays)
}

const isAll = (share: number): boolean => share > 1 - 1e-9

function takenOff(area: AreaState, event: Removal, at: number): AreaState {
  const top = topOf(area)
  if (!top) return area
  const takes = shareTaken(top, event)
  const all = isAll(takes)
  const dug = all ? top : dugInto(top, takes)
  const less: Stratum = { ...dug, taken: [...top.taken, { event: at, takes }], goneBy: all ? at : null }
  return {
    ...area,
    strata: area.strata.map((one) => (one === top ? less : one)),
    suctionUm: all ? bared(top) : area.suctionUm,
  }
}

/** What a film that is gone has left to be drunk into: what it covered has drunk already. */
const bared = ({ film }: Stratum): number => film.suctionUm - film.drunkUm

/** Digging takes the topmost pass first: what is left is of those under it. */
function dugInto(film: Stratum, takes: number): Stratum {
  if (film.passes.length === 1) return film
  const wetUm = film.passes.reduce((sum, pass) => sum + pass.wetUm, 0)
  let left = wetUm * (1 - takes)
  const passes = film.passes.flatMap((pass): Pass[] => {
    const stays = Math.min(pass.wetUm, left)
    left -= stays
    return stays > 0 ? [{ ...pass, wetUm: stays }] : []
  })
  const mix = mixOfPasses(passes)
  const whole = mix.film.dryThicknessUm * (wetUm / mix.film.wetThicknessUm)
  const thick = { ...mix, film: { ...mix.film, wetThicknessUm: wetUm, dryThicknessUm: whole } }
  return { ...film, passes, film: filmOver(thick, film.film.suctionUm) }
}

/** Every varnish on top goes, and nothing under it. */
function withoutVarnish(area: AreaState, at: number): AreaState {
  const top = topOf(area)
  if (!top || !isVarnish(top.purpose)) return area
  const less: Stratum = { ...top, taken: [...top.taken, { event: at, takes: 1 }], goneBy: at }
  return withoutVarnish(
    { ...area, strata: area.strata.map((one) => (one === top ? less : one)), suctionUm: bared(top) },
    at,
  )
}

/** The films of one area from the ground up, each drinking into what lay under it there. */
export function fold(
  events: readonly ReadyEvent[],
  area: string,
  groundSuctionUm: number,
): readonly Stratum[] {
  const bare: AreaState = { strata: [], suctionUm: groundSuctionUm, open: [] }
  const all = events.reduce(
    (state, ready, at) => (covers(ready.event, area) ? reducerOf(ready.event.kind)(state, ready, at) : state),
    bare,
  )
  return closed(all, all.open).strata
}

/** Oil that nothing was painted into here is a film of its own. */
const closed = (area: AreaState, open: readonly OpenOil[]): AreaState =>
  open.reduce((state, { pass }) => {
    const film = filmOver(pass.mix, state.suctionUm)
    const stratum: Stratum = {
      event: pass.event,
      passes: [pass],
      purpose: 'oil-out',
      film,
      thickestUm: film.dryThicknessUm,
      taken: [],
      goneBy: null,
    }
    return { ...state, strata: [...state.strata, stratum], suctionUm: film.suctionLeftUm }
  }, area)

const reducerOf = (form: EventForm): Reducer<EventForm> => reducers[form] as Reducer<EventForm>

/** How much of a stratum is left on a day, 0..1; `dayOf` says when an event happens. */
export const leftOn = ({ taken }: Stratum, day: number, dayOf: (event: number) => number): number =>
  taken.reduce((left, { event, takes }) => (dayOf(event) <= day ? left * (1 - takes) : left), 1)
