import type { Effects } from '../../core/medium/effects.ts'
import { dayCount } from '../../core/words.ts'
import type { ListPage } from '../../studio/listPage.ts'

interface Made {
  readonly leaves: number
  readonly effects: Pick<Effects, 'touchHours'>
}
interface Told {
  readonly name: string
  readonly made: Made | null
}

/** The first thing said of the mediums: how many hold what has to be aired, and which dries first. */
export function answerOf({ count, entries }: ListPage<Told>): string {
  if (count === 0) return 'Mediums'
  const made = entries.flatMap(({ name, made }) => (made ? [{ name, ...made }] : []))
  if (count === 1 || made.length < count) return count === 1 ? 'One medium' : `${count} mediums`
  const airing = made.filter(({ leaves }) => leaves > 0).length
  const hold = airing === 0 ? 'None' : airing === 1 ? 'One' : airing
  const first = `${hold} of ${count} mediums ${airing > 1 ? 'hold' : 'holds'} solvent or water`
  const quickest = made.reduce((a, b) => (hoursOf(b) < hoursOf(a) ? b : a))
  if (hoursOf(quickest) === Infinity) return first
  return `${first}; ${quickest.name} is touch dry first, in about ${dayCount(hoursOf(quickest) / 24)}`
}

const hoursOf = ({ effects }: Made): number => effects.touchHours ?? Infinity
