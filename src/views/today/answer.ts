import { listed, upperFirst } from '../../core/words.ts'
import type { Readiness, TodayGroup } from '../../studio/lists/todayList.ts'

type Group = Pick<TodayGroup, 'readiness' | 'count'> & {
  readonly entries: readonly { readonly title: string }[]
}

/** The first thing said of a day: what may be painted on, and what a finger has to decide; null: nothing is in work. */
export function answerOf(groups: readonly Group[]): string | null {
  const named = (readiness: Readiness): string | null => {
    const { count, entries } = groups.find((group) => group.readiness === readiness)!
    if (count === 0) return null
    return count > 2 ? `${count} pictures` : listed(entries.map(({ title }) => title))
  }
  const [ready, touch, wait] = [named('ready'), named('touch'), named('wait')]
  if (ready && touch) return `${upperFirst(ready)} can be painted on; touch ${touch} before you decide`
  if (ready) return `${upperFirst(ready)} can be painted on`
  if (touch) return `Touch ${touch} before you decide`
  return wait && 'Nothing can be painted on today: leave all of it alone'
}
