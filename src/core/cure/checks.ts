import type { StateId } from './states.ts'

/** How dryness is tried by hand, from the gentlest on (science.md §7; reckonings.md, Learning). */
export const checkIds = ['smudge', 'touch', 'thumb-twist', 'fingernail', 'thumb-pressure', 'swab'] as const
export type CheckId = (typeof checkIds)[number]

/** The state each tells of. */
export const stateOfCheck: Readonly<Record<CheckId, StateId>> = {
  smudge: 'touch',
  touch: 'touch',
  'thumb-twist': 'firm',
  fingernail: 'firm',
  'thumb-pressure': 'set',
  swab: 'varnishSoft',
}

/** A check and what it found. */
export interface Finger {
  readonly check: CheckId
  readonly passed: boolean
}

/** Whether a check was made on a thin part: it says nothing of the film, whose thickest spot decides. */
export const isThinSpot = (where: string): boolean => /\bthin/i.test(where)
