import type { StateId } from './states.ts'

/** How dryness is tried by hand, from the gentlest on (science.md §7; reckonings.md, Learning). */
export const checkIds = ['smudge', 'touch', 'thumb-twist', 'fingernail', 'thumb-pressure', 'swab'] as const
export type CheckId = (typeof checkIds)[number]

interface Check {
  readonly name: string
  readonly how: string
  /** What is seen or felt when it is not there yet, and when it is. */
  readonly fails: string
  readonly passes: string
  /** The state it tells of. */
  readonly state: StateId
}

export const checks: Readonly<Record<CheckId, Check>> = {
  smudge: {
    name: 'smudge',
    how: 'Draw a clean soft brush lightly over it.',
    fails: 'comes off',
    passes: 'nothing comes off',
    state: 'touch',
  },
  touch: {
    name: 'touch',
    how: 'Lay a clean fingertip on it without pressing.',
    fails: 'tacky',
    passes: 'dry to the touch',
    state: 'touch',
  },
  'thumb-twist': {
    name: 'thumb twist',
    how: 'Press the thumb on it and turn it a quarter.',
    fails: 'gives under the twist',
    passes: 'does not give',
    state: 'firm',
  },
  fingernail: {
    name: 'fingernail',
    how: 'Press the nail into the thickest spot you can spare.',
    fails: 'takes a mark',
    passes: 'firm, no mark',
    state: 'firm',
  },
  'thumb-pressure': {
    name: 'thumb pressure',
    how: 'Press the thumb hard for ten seconds.',
    fails: 'keeps the print',
    passes: 'no print',
    state: 'set',
  },
  swab: {
    name: 'swab',
    how: 'Roll cotton with the varnish’s own solvent for five seconds over a thick dark spot.',
    fails: 'colour on the cotton',
    passes: 'clean cotton',
    state: 'varnishSoft',
  },
}

/** Whether a check was made on a thin part: it says nothing of the film, whose thickest spot decides. */
export const isThinSpot = (where: string): boolean => /\bthin/i.test(where)

/** A check and what it found. */
export interface Finger {
  readonly check: CheckId
  readonly passed: boolean
}

/** What a check found, in a few words: "firm, no mark". */
export const fingerWords = ({ check, passed }: Finger): string => checks[check][passed ? 'passes' : 'fails']
