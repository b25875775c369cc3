import type { BatchEntry } from '../../studio/lists/batchList.ts'
import type { ListPage } from '../../studio/listPage.ts'
import { dateText, mlText } from '../../ui/format.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'

/** Batches about to spoil, past it, or due for a look. */
export function BatchesToLookAt({ batches: { count, entries } }: { readonly batches: ListPage<BatchEntry> }) {
  return (
    <section aria-label="Batches to look at" className="mb-8">
      <h2 className="border-b border-ink pb-1.5 text-[1.45rem]">Batches to look at</h2>
      <ul>
        {entries.map(({ id, title, state, useBy, because, leftMl, lookFrom, lookFor }) => (
          <li key={id} className="border-b border-rule">
            <a
              href={`/batches/${id}#record`}
              className="grid min-h-11 gap-x-6 py-3 hover:bg-wash sm:grid-cols-[16rem_1fr]"
            >
              <span className="font-read text-[1.3rem] leading-tight" translate="no">
                {title}
              </span>
              <span>
                {state !== 'fresh' && (
                  <>
                    <VerdictMark verdict={state === 'past' ? 'unsound' : 'watch'} size={12} />{' '}
                    {state === 'past' ? 'Past its use-by' : 'Use it soon'}, {dateText(useBy!)}: {because}
                    .{' '}
                  </>
                )}
                {lookFrom && <>Look for {lookFor}. </>}
                <span className="text-soft">{mlText(leftMl)} left</span>
              </span>
            </a>
          </li>
        ))}
      </ul>
      {count > entries.length && (
        <p className="mt-3 text-soft">
          {count - entries.length} more under{' '}
          <a className="link" href="/batches">
            Batches
          </a>
          .
        </p>
      )}
    </section>
  )
}
