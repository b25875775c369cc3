import { upperFirst } from '../../core/words.ts'
import type { BatchEntry } from '../../studio/lists/batchList.ts'
import type { ListPage } from '../../studio/listPage.ts'

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
