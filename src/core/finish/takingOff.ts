import { cleaningSolvents } from './removability.ts'
import type { Remover, Yields } from './removability.ts'

/** Taking a varnish off again: milder first, and only as far as what lies under it holds (reckonings.md, Removability). */
export interface TestStep {
  readonly rank: number
  readonly solvent: string
  /** May be tried by its painter; for a conservator only; or not at all without one. */
  readonly is: 'try' | 'conservator' | 'never'
  readonly says: string
}

/** From this solvent rank on it is a conservator's work whatever lies beneath. */
const conservatorFrom = 3

export interface TakingOff {
  readonly steps: readonly TestStep[]
  /** Whether anything may be tried by the painter at all. */
  readonly isForPainter: boolean
}

/**
 * The tests of one area in their order.
 * @param remover of the varnish; null: nothing takes it off alone
 * @param yields the weakest film under it
 * @param isFresh put on within a year: it still gives to what it was thinned with
 */
export function takingOffPlan(remover: Remover | null, yields: Yields, isFresh: boolean): TakingOff {
  const last = remover === null ? 0 : isFresh ? remover.fresh : remover.aged
  const steps = cleaningSolvents
    .filter(({ rank }) => rank <= last)
    .map(({ rank, name }) => ({ rank, solvent: name, ...stepAt(rank, yields) }))
  return { steps, isForPainter: remover !== null && steps.some(({ is }) => is === 'try') }
}

function stepAt(rank: number, yields: Yields): Pick<TestStep, 'is' | 'says'> {
  if (yields.rank === 1)
    return { is: 'never', says: `no solvent test here without a conservator: ${yields.because}` }
  if (rank >= yields.rank) return { is: 'never', says: `it takes what lies under it: ${yields.because}` }
  return rank >= conservatorFrom
    ? { is: 'conservator', says: 'strong, and harmful to breathe: a conservator’s work' }
    : { is: 'try', says: 'a square centimetre at an edge the frame hides, then a dark and a light one' }
}
