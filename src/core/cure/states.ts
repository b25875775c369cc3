/** The states a layer passes through, and what makes each (science.md, Cure). x is the cured fraction, 0 to 1. */
export const stateIds = ['touch', 'firm', 'set', 'varnishSoft', 'cured'] as const
export type StateId = (typeof stateIds)[number]

/** Days after the layer was applied; null: not reached in the days asked about. */
export type StateDays = Readonly<Record<StateId, number | null>>

/** Of a film that takes no part, or never dries. */
export const neverDays: StateDays = { touch: null, firm: null, set: null, varnishSoft: null, cured: null }

export const stateNames: Readonly<Record<StateId, string>> = {
  touch: 'touch dry',
  firm: 'firm',
  set: 'hard through',
  varnishSoft: 'ready for a soft varnish',
  cured: 'cured',
}

/** Depth of the top of a film that a finger feels, µm. */
export const touchDepthUm = 200

/** Mean of x over the top 200 µm, over the whole layer, and x at its bottom; read anew at every step. */
export interface CureProfile {
  top: number
  mean: number
  bottom: number
}

/** How far a profile has come towards a state: 0 or more once it is reached. */
export const reached: Readonly<Record<StateId, (profile: CureProfile) => number>> = {
  touch: ({ top }) => top - 0.35,
  firm: ({ bottom }) => bottom - 0.55,
  set: ({ mean }) => mean - 0.6,
  varnishSoft: ({ mean, bottom }) => Math.min(mean - 0.75, bottom - 0.65),
  cured: ({ mean, bottom }) => Math.min(mean - 0.88, bottom - 0.8),
}
