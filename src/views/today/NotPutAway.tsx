import { putAways, putAwayTexts } from '../../core/evening/putAway.ts'
import { listed } from '../../core/words.ts'
import type { Morning } from '../../studio/lists/todayList.ts'
import { dateText } from '../../ui/format.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'

/** What was never ticked as put away on the days before: asked again each morning. */
export function NotPutAway({ days }: { readonly days: Morning['notPutAway'] }) {
  if (days.length === 0) return null
  const out = putAways.filter((what) => days.some((day) => day.out.includes(what)))
  const dates = listed(days.map(({ on }) => dateText(on)))
  return (
    <div role="status" className="mb-5 flex min-h-11 flex-wrap items-center gap-x-3 border-b border-rule">
      <span>
        <VerdictMark verdict="watch" size={13} />{' '}
        {out.length > 0
          ? `Not put away since ${dates}: ${listed(out.map((what) => putAwayTexts[what].short))}.`
          : `All is put away, but not closed: ${dates}.`}
      </span>
      <a className="inline-flex min-h-11 items-center link" href="/room/evening">
        Put it away
      </a>
    </div>
  )
}
