import type { Figure } from '../figure.ts'
import type { Severity } from '../severity.ts'
import type { LaidPicture } from './lay.ts'

/** Only soundness and room make the verdict; what is about the look keeps its severity and changes none. */
export type About = 'soundness' | 'look' | 'room'

export interface Finding {
  readonly rule: string
  readonly about: About
  readonly severity: Severity
  /** The event it hangs on, by its place in the picture's list, and the one under it that it concerns. */
  readonly layer: number
  readonly under?: number
  /** The area it was found in, by its id; of several the one where it is gravest. */
  readonly area: string
  readonly message: string
  readonly numbers: Readonly<Record<string, Figure>>
}

/** What may take a finding away: each kind is tried from the least change on. */
export const mendKinds = [
  'medium',
  'less-medium',
  'medium-for-thinner',
  'less-thinner',
  'without-medium',
  'another-medium',
  'oil',
  'paler-oil',
  'without-opaque',
  'without-zinc',
  'prepare',
  'allowed',
  'thicker',
  'thinner-coat',
  'split',
  'order',
  'wait',
  'leave-out',
] as const
export type MendKind = (typeof mendKinds)[number]

/** One rule: what may mend what it finds, and what it finds in a picture. What it is called is in ruleTexts.ts. */
export interface Rule {
  readonly id: string
  readonly mends: readonly MendKind[]
  /** Area by area: the same layers may be found in several. */
  readonly find: (picture: LaidPicture) => readonly Finding[]
}
