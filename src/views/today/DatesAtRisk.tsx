import { stateNames } from '../../core/cure/states.ts'
import { needsOf, meetingNames } from '../../document/picture/pictureDates.ts'
import type { DateAtRisk } from '../../studio/lists/todayList.ts'
import { dateText, dayText } from '../../ui/format.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { Term } from '../../ui/help/Term.tsx'

/** The dates that were promised and are not safe any more, or soon will not be. */
export function DatesAtRisk({ dates }: { readonly dates: readonly DateAtRisk[] }) {
  if (dates.length === 0) return null
  return (
    <section aria-label="Dates at risk" className="mb-8">
      <h2 className="border-b border-ink pb-1 text-[1.35rem]">
        <Term of="date at risk">Dates at risk</Term>
      </h2>
      <ul>
        {dates.map((one) => (
          <li
            key={one.paintingId}
            className="grid gap-x-8 gap-y-1 border-b border-rule py-2.5 lg:grid-cols-[15rem_1fr_auto] lg:items-baseline"
          >
            <a
              href={`/paintings/${one.paintingId}`}
              className="font-read text-[1.3rem] leading-tight [overflow-wrap:anywhere] hover:underline"
            >
              {one.title}
            </a>
            <p className="leading-snug">
              <VerdictMark verdict={one.latest === null ? 'unsound' : 'watch'} size={12} /> {riskWords(one)}
            </p>
            <a
              className="not-printed inline-flex min-h-11 items-center link lg:min-h-6"
              href={`/promise?painting=${one.paintingId}`}
            >
              What would help
            </a>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** Which layer threatens a date, and by when it has to go on or comes so far. */
export function riskWords({ date, slowest, ready, latest, next }: DateAtRisk): string {
  const due = `${meetingNames[date.what]} ${dateText(date.on)}`
  if (latest !== null) return `${next} has to go on by ${dayText(latest)}, or it is late to be ${due}.`
  if (slowest === null || ready === null) return `It is to be ${due}; not every layer has a date yet.`
  return `It is to be ${due}, but ${slowest} is ${stateNames[needsOf(date)]} only by ${dayText(ready)}.`
}
