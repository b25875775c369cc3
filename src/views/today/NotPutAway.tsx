import { putAways, putAwayTexts } from '../../core/evening/putAway.ts'
import { listed } from '../../core/words.ts'
import type { Morning } from '../../studio/lists/todayList.ts'
import { dayOf } from '../../core/plan/calendar.ts'
import { lateDayText } from '../../document/dateText.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'

/** What was never ticked as put away on the days before: asked again each morning. */
export function NotPutAway({
  days,
  today,
}: {
  readonly days: Morning['notPutAway']
  readonly today: number
}) {
  if (days.length === 0) return null
  const out = putAways.filter((what) => days.some((day) => day.out.includes(what)))
  const since = days.filter((day) => day.out.length > 0)
  const dates = (since.length > 0 ? since : days).map(({ on }) => lateDayText(dayOf(on)!, today))
  return (
    <div role="status" className="mb-5 flex min-h-11 flex-wrap items-center gap-x-3 border-b border-rule">
      <span>
        <VerdictMark verdict="watch" size={13} />{' '}
        {out.length > 0
          ? `Not put away since ${dates[0]!}: ${listed(out.map((what) => putAwayTexts[what].short))}.`
          : `All is put away, but not closed: ${listed(dates)}.`}
      </span>
      <a className="inline-flex min-h-11 items-center link" href="/room/evening">
        Put it away
      </a>
    </div>
  )
}
