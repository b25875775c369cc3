/** The states a layer passes through, and what makes each (science.md, Cure). x is the cured fraction, 0 to 1. */
export const stateIds = ['touch', 'firm', 'set', 'varnishSoft', 'cured'] as const
export type StateId = (typeof stateIds)[number]

/** Days after the layer was applied; null: not reached in the days asked about. */
export type StateDays = Readonly<Record<StateId, number | null>>

/** Of a film that takes no part, or never dries. */
export const neverDays: StateDays = { touch: null, firm: null, set: null, varnishSoft: null, cured: null }

/** Of a film that reaches every state at once: by losing water or spirit, or because nothing is left to dry. */
export const allAt = (days: number): StateDays => ({
  touch: days,
  firm: days,
  set: days,
  varnishSoft: days,
  cured: days,
})

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

/** Cured fractions that make the states: of the top where a finger feels it, of the mean, of the bottom. */
const from = {
  touch: { top: 0.35 },
  firm: { bottom: 0.55 },
  set: { mean: 0.6 },
  varnishSoft: { mean: 0.75, bottom: 0.65 },
  cured: { mean: 0.88, bottom: 0.8 },
} as const

/** How far a profile has come towards a state: 0 or more once it is reached. */
export const reached: Readonly<Record<StateId, (profile: CureProfile) => number>> = {
  touch: ({ top }) => top - from.touch.top,
  firm: ({ bottom }) => bottom - from.firm.bottom,
  set: ({ mean }) => mean - from.set.mean,
  varnishSoft: ({ mean, bottom }) => Math.min(mean - from.varnishSoft.mean, bottom - from.varnishSoft.bottom),
  cured: ({ mean, bottom }) => Math.min(mean - from.cured.mean, bottom - from.cured.bottom),
}

/** About the mean cured fraction of a film when it reaches a state, in their order; a thin film's top is its mean. */
export const meanAtStates: readonly (readonly [StateId, number])[] = [
  ['touch', from.touch.top],
  ['set', from.set.mean],
  ['varnishSoft', from.varnishSoft.mean],
  ['cured', from.cured.mean],
]
