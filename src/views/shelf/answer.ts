import { listed, shortName } from '../../core/words.ts'
import type { NearlyOut } from '../../document/nearlyOut.ts'

/** So many are named; of more only their number is told. */
const mostNamed = 3

/** The first thing said of a half of the shelf: what runs out, else what stands there. */
export function answerOf(count: number, what: string, nearlyOut: readonly string[]): string {
  if (count === 0) return `No ${what} of your own yet`
  const low = nearlyOut.length
  if (low > mostNamed) return `${low} of your ${what}s are nearly out`
  if (low > 0) return `${listed(nearlyOut)} ${low === 1 ? 'is' : 'are'} nearly out`
  return count === 1 ? `One ${what} of your own` : `${count} ${what}s of your own`
}

/** The names of what is nearly out, with what was changed on this page as it is now. */
export function lowNow<One extends NearlyOut>(
  before: readonly NearlyOut[],
  changed: readonly One[],
  isLow: (one: One) => boolean,
): readonly string[] {
  const others = before.filter(({ id }) => !changed.some((one) => one.id === id))
  return [...others, ...changed.filter(isLow)].map(({ name }) => shortName(name))
}
