import type { CheckId, Finger } from './checks.ts'

/** Each check in words: how it is made, and what it finds. */
interface Check {
  readonly name: string
  readonly how: string
  /** What is seen or felt when it is not there yet, and when it is. */
  readonly fails: string
  readonly passes: string
}

export const checks: Readonly<Record<CheckId, Check>> = {
  smudge: {
    name: 'smudge',
    how: 'Draw a clean soft brush lightly over it.',
    fails: 'comes off',
    passes: 'nothing comes off',
  },
  touch: {
    name: 'touch',
    how: 'Lay a clean fingertip on it without pressing.',
    fails: 'tacky',
    passes: 'touch dry',
  },
  'thumb-twist': {
    name: 'thumb twist',
    how: 'Press the thumb on it and turn it a quarter.',
    fails: 'gives under the twist',
    passes: 'does not give',
  },
  fingernail: {
    name: 'fingernail',
    how: 'Press the nail into the thickest spot you can spare.',
    fails: 'takes a mark',
    passes: 'firm, no mark',
  },
  'thumb-pressure': {
    name: 'thumb pressure',
    how: 'Press the thumb hard for ten seconds.',
    fails: 'keeps the print',
    passes: 'no print',
  },
  swab: {
    name: 'swab',
    how: 'Roll cotton with the varnish’s own solvent for five seconds over a thick dark spot.',
    fails: 'colour on the cotton',
    passes: 'clean cotton',
  },
}

/** What a check found, in a few words: "firm, no mark". */
export const fingerWords = ({ check, passed }: Finger): string => checks[check][passed ? 'passes' : 'fails']
