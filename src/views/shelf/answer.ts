import { listed } from '../../core/words.ts'

/** From here down a bottle or bag is told to be nearly out, g. */
export const nearlyOutG = 50

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
