import type { StateId } from '../cure/states.ts'

/** How far a picture's slowest film is; `bare`: nothing lies on it. */
export type Reached = StateId | 'wet' | 'bare'

/** How far a picture is for packing. Hard through is no stage of its own there: it counts as firm. */
export type Stage = 'bare' | (typeof stages)[number]
const stages = ['wet', 'touch', 'firm', 'varnishSoft', 'cured'] as const satisfies readonly (
  StateId | 'wet'
)[]

/** A picture as packing sees it: how far its slowest area is, and what is in it. */
export interface PackedPicture {
  readonly state: Reached
  /** Its thickest spot, µm dry, and the most wax of any film’s binder by mass. */
  readonly thickestUm: number
  readonly wax: number
  readonly isFlexible: boolean
  /** The least stretch of its films, raw linseed = 1. */
  readonly flexPlain: number
  /** Alkyd of the binder by volume, in the film that has least of it, 0..1. */
  readonly alkyd: number
}

const [impastoUm, waxyFrom] = [500, 0.05]

/** Its place among the stages; below all of them: bare. */
export const rankOf = (state: Reached): number =>
  stages.findIndex((stage) => stage === (state === 'set' ? 'firm' : state))

/** Thick paint and wax count for one stage less (reckonings.md, Packing by stage). */
export function stageOf({
  state,
  thickestUm,
  wax,
}: Pick<PackedPicture, 'state' | 'thickestUm' | 'wax'>): Stage {
  if (state === 'bare') return 'bare'
  const isLess = thickestUm > impastoUm || wax >= waxyFrom
  return stages[Math.max(0, rankOf(state) - (isLess ? 1 : 0))]!
}
