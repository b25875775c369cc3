import type { Mixture } from '../film/film.ts'
import type { Material } from '../materials/material.ts'
import type { Ingredient } from '../medium/medium.ts'
import type { Purpose } from './kinds.ts'

/** What happens to a picture, over some of its areas or everywhere. Events are listed in their order, bottom first. */
interface Happening {
  readonly name: string
  /** Ids of areas; none: everywhere. */
  readonly areas: readonly string[]
}

/** What was done to what lies under a film, so that it takes hold there. */
export const preparations = ['wet-scuff', 'oiled-out'] as const
export type Preparation = (typeof preparations)[number]

/** What lays a film. */
interface Laying extends Happening {
  /** Absent or null: told by its mixture. */
  readonly purpose?: Purpose | null
  /** A further pass of the film under it, in one sitting: they are one film. */
  readonly isPass?: boolean
  readonly prepared?: Preparation | null
  /** A drier or retarder given as a plain factor on the rate. */
  readonly rateTimes?: number
}

/** Paint, with or without medium and thinner. */
export interface Painting extends Laying {
  readonly kind: 'paint'
  readonly mixture: Mixture
  /** Which medium is in it, and in how many layers of one place it may be used; null: in any number. */
  readonly medium?: { readonly id: string; readonly mostPasses: number | null }
  /** Wet thickness of the thickest spot, µm, where it is more than the layer's own: it decides the waiting. */
  readonly ridgeWetUm?: number
}

/** How far past the edge a coat keeps the oil of what is painted within from running, as a rule, and at most, mm. */
export const pastEdgeMm = { enough: 10, most: 200 } as const

/** A film of medium or oil without paint. */
export interface ClearFilm extends Laying {
  readonly kind: 'clear'
  readonly coat: readonly Ingredient[]
  readonly wetThicknessUm: number
  /** Of what is laid on, 0..1: wiped off again at once. */
  readonly wiped?: number
  /** How far it goes past every edge of its areas, mm. */
  readonly pastEdgeMm?: number
  /** The events that are painted into it while it is workable, by their place in the list: it joins their films. */
  readonly intoIt?: readonly number[]
}

export const removalWays = ['wipe', 'scrape', 'dissolve', 'sand-wet', 'varnish-off'] as const
export type RemovalWay = (typeof removalWays)[number]

/** Takes a share of the topmost film off; all of it bares what is under. */
export interface Removal extends Happening {
  readonly kind: 'removal'
  readonly how: RemovalWay
  /** 0..1 of what the film has left. */
  readonly takes: number
  /** Dry µm instead of a share, where that is told. */
  readonly takesUm?: number
  /** What it is done with; absent: dry. */
  readonly solvent?: Material
}

export type StackEvent = Painting | ClearFilm | Removal
export type EventForm = StackEvent['kind']
