import type { Freshness } from '../../core/batch/keeping.ts'
import type { MethodStep } from '../../core/batch/method.ts'
import { upperFirst } from '../../core/words.ts'
import type { BatchEntry } from '../../studio/lists/batchList.ts'
import type { ListPage } from '../../studio/listPage.ts'
import { dateText, mlText } from '../../ui/format.ts'

type Step = Pick<MethodStep, 'id' | 'title'>
type Told = Pick<BatchEntry, 'title' | 'state'>

/** The first thing said of the batches: which to use or look at, and what the planned layers are short of. */
export function answerOf(
  batches: number,
  toLookAt: { readonly count: number; readonly entries: readonly Told[] },
  needed: Pick<ListPage<{ readonly shortMl: number }>, 'entries'>,
): string {
  const short = needed.entries.filter(({ shortMl }) => shortMl > 0).length
  const shortText =
    short > 0 && `the planned layers are short of ${short === 1 ? 'one medium' : `${short} mediums`}`
  if (batches === 0) return shortText ? `No batch is made; ${shortText}` : 'Batches'
  const told = [lookText(toLookAt), shortText].filter(Boolean)
  return told.length > 0 ? upperFirst(told.join('; ')) : 'Every batch keeps'
}

function lookText({ count, entries }: Parameters<typeof answerOf>[1]): string | null {
  const [first] = entries
  if (!first) return null
  if (count > 1) return `${count} batches want to be looked at`
  if (first.state === 'past') return `${first.title} is past its day`
  return first.state === 'watch' ? `Use ${first.title} soon` : `Look at ${first.title} today`
}

/** The first thing said of one finished batch: what is left of it, and until when. */
export function jarText(leftMl: number, freshness: Freshness, useBy: string): string {
  if (leftMl === 0) return 'It is used up.'
  const left = `${mlText(leftMl)} left`
  if (freshness === 'past')
    return `${left}, past its day, ${dateText(useBy)}: look and smell before any of it is used.`
  return freshness === 'watch'
    ? `${left}; use it soon, by about ${dateText(useBy)}.`
    : `${left}; use by about ${dateText(useBy)}.`
}

/** The first thing said of a batch being made: which step is next. */
export function makingText(steps: readonly Step[], done: readonly string[]): string {
  const next = steps.find(({ id }) => !done.includes(id))
  if (!next) return 'Every step is done: finish it under Weigh.'
  const at = steps.indexOf(next) + 1
  return `Being made; next is step ${at} of ${steps.length}: ${next.title}.`
}
