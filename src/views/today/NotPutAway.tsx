import { putAwayTexts } from '../../core/evening/putAway.ts'
import { listed } from '../../core/words.ts'
import type { Morning } from '../../studio/todayList.ts'
import { dateText } from '../../ui/format.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'

/** What was never ticked as put away on the days before: asked again each morning. */
export function NotPutAway({ days }: { readonly days: Morning['notPutAway'] }) {
  if (days.length === 0) return null
  return (
    <ul aria-label="Not put away" className="mb-5">
      {days.map(({ on, out }) => (
        <li key={on} className="flex min-h-11 flex-wrap items-center gap-x-3 border-b border-rule">
          <span>
            <VerdictMark verdict="watch" size={13} /> From {dateText(on)}:{' '}
            {out.length > 0
              ? `${listed(out.map((what) => putAwayTexts[what].name.toLowerCase()))} not put away yet.`
              : 'all is put away, the day is not closed.'}
          </span>
          <a className="inline-flex min-h-11 items-center link" href="/room/evening">
            Put it away
          </a>
        </li>
      ))}
    </ul>
  )
}
