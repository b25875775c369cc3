import type { Mixture } from '../film/film.ts'
import type { Ingredient } from '../medium/medium.ts'

/** What happens to a picture, over some of its areas or everywhere. Events are listed in their order, bottom first. */
interface Happening {
  readonly name: string
  /** Ids of areas; none: everywhere. */
  readonly areas: readonly string[]
}

/** Paint, with or without medium and thinner. */
export interface Painting extends Happening {
  readonly kind: 'paint'
  readonly mixture: Mixture
  /** Wet thickness of the thickest spot, µm, where it is more than the layer's own: it decides the waiting. */
  readonly ridgeWetUm?: number
  /** A drier or retarder given as a plain factor on the rate. */
  readonly rateTimes?: number
}

/** A film of medium or oil without paint. */
export interface ClearFilm extends Happening {
  readonly kind: 'clear'
  readonly coat: readonly Ingredient[]
  readonly wetThicknessUm: number
  readonly rateTimes?: number
}

export const removalWays = ['wipe', 'scrape', 'dissolve', 'sand-wet'] as const
export type RemovalWay = (typeof removalWays)[number]

/** Takes a share of the topmost film off; all of it bares what is under. */
export interface Removal extends Happening {
  readonly kind: 'removal'
  readonly how: RemovalWay
  /** 0..1 of what the film has left. */
  readonly takes: number
}

export type StackEvent = Painting | ClearFilm | Removal
export type EventKind = StackEvent['kind']
