import type { Figure } from '../figure.ts'
import type { LaidStack } from './stack.ts'

/** A note says something worth knowing and changes no verdict. */
export type Severity = 'note' | 'watch' | 'unsound'

export interface Finding {
  readonly rule: string
  readonly severity: Severity
  /** Index of the layer it hangs on, 0 at the bottom, and of the one under it that it concerns. */
  readonly layer: number
  readonly under?: number
  readonly area?: string
  readonly message: string
  readonly numbers: Readonly<Record<string, Figure>>
}

/** One rule: what it is called, why it holds, and what it finds in a stack. */
export interface Rule {
  readonly id: string
  readonly title: string
  /** A painter's reason, and where it comes from. */
  readonly reason: string
  /** Whether it needs a practice's own choice: without one named, it makes notes only. */
  readonly byPractice: boolean
  readonly find: (stack: LaidStack) => readonly Finding[]
}
