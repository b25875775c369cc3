import { daysAtChance } from '../../core/cure/forecast.ts'
import { schoolTable } from '../../core/finish/varnishSchools.ts'
import type { VarnishSchoolId } from '../../core/finish/varnishSchools.ts'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import { monthsAfter } from '../../core/plan/months.ts'
import type { Readiness } from '../../core/plan/readiness.ts'
import { varnishChance } from '../../document/finish/readiness.ts'
import type { BeforeVarnish, WaitingFilm } from '../../document/finish/readiness.ts'
import { chanceText, dayText, upperFirst } from '../../ui/format.ts'
import { monthName } from '../../document/dateText.ts'
import { decidedBy } from './words.ts'

interface LadderProps {
  readonly before: BeforeVarnish
  readonly today: number
  /** The school of the picture's own practice. */
  readonly own: VarnishSchoolId
  readonly school: VarnishSchoolId
  readonly day: number
  readonly onSchool: (school: VarnishSchoolId) => void
  readonly onDay: (day: number) => void
}

const monthsAhead = 2

/** A rung a school: from when it is likely, when it may be, and how likely on the day that is chosen. */
export function Ladder({ before, today, own, school, day, onSchool, onDay }: LadderProps) {
  const rungs = before.schools.map((ready) => ({ ready, span: spanOf(ready, before.films) }))
  const ends = rungs.flatMap(({ ready, span }) => [ready.day ?? today, span ? span[1] : today])
  const last = monthsAfter(Math.ceil(Math.max(today + 60, day, ...ends)), monthsAhead)
  const first = Math.min(today, day)
  const place = (at: number): string =>
    `${Math.min(100, Math.max(0, (100 * (at - first)) / (last - first))).toFixed(2)}%`
  return (
    <section aria-label="Ladder of dates" className="mt-3">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <label className="text-[0.8rem] text-soft">
          If it were varnished on
          <input
            type="date"
            className="field block"
            value={dateOf(day)}
            min={dateOf(before.lastLaid)}
            onChange={({ target }) => {
              const chosen = dayOf(target.value)
              if (chosen !== null) onDay(chosen)
            }}
          />
        </label>
        <p className="max-w-[38rem] pb-1 text-[0.88rem] text-soft">
          By its slowest film at its thickest spot, and the calendar from the last film. Estimates: the swab
          comes before the brush.
        </p>
      </div>
      <table className="mt-3 w-full border-collapse">
        <caption className="sr-only">When each kind of varnish may go on</caption>
        <thead className="sr-only">
          <tr>
            <th scope="col">School</th>
            <th scope="col">Along the calendar</th>
            <th scope="col">From</th>
            <th scope="col">Chance on {dayText(day)}</th>
          </tr>
        </thead>
        <tbody>
          {rungs.map(({ ready, span }) => (
            <tr
              key={ready.school}
              className={`border-b border-rule align-middle ${ready.school === school ? 'bg-wash' : ''}`}
            >
              <th scope="row" className="w-52 py-2 pr-3 text-left font-normal">
                <button
                  type="button"
                  aria-pressed={ready.school === school}
                  className="min-h-11 text-left aria-pressed:font-medium"
                  onClick={() => onSchool(ready.school)}
                >
                  {upperFirst(schoolTable[ready.school].name)}
                  {ready.school === own && (
                    <span className="block text-[0.8rem] text-soft">its own school</span>
                  )}
                </button>
              </th>
              <td className="relative hidden h-14 min-w-40 md:table-cell">
                <div aria-hidden="true" className="absolute inset-x-0 top-1/2 h-px bg-rule" />
                {span && (
                  <div
                    aria-hidden="true"
                    className="absolute top-1/2 h-3 -translate-y-1/2 bg-gradient-to-r from-transparent to-ink"
                    style={{ left: place(span[0]), right: `calc(100% - ${place(span[1])})` }}
                  />
                )}
                {ready.day !== null && (
                  <div
                    aria-hidden="true"
                    className="absolute top-1/2 h-7 w-[3px] -translate-y-1/2 bg-sound"
                    style={{ left: place(ready.day) }}
                  />
                )}
                <div
                  aria-hidden="true"
                  className="absolute inset-y-0 w-px border-l border-dashed border-ink"
                  style={{ left: place(day) }}
                />
              </td>
              <td className="w-64 py-1 pl-4 text-[0.92rem] leading-snug">{whenText(ready, today)}</td>
              <td className="w-24 py-1 pl-3 text-right tabular-nums">
                {chanceText(varnishChance(before, ready.school, day))}
              </td>
            </tr>
          ))}
          <tr aria-hidden="true">
            <td />
            <td className="relative hidden h-6 text-[0.78rem] text-soft md:table-cell">
              <Months days={ticksOf(first, last, 3)} place={place} today={today} className="lg:hidden" />
              <Months days={ticksOf(first, last, 7)} place={place} today={today} className="max-lg:hidden" />
            </td>
            <td />
            <td className="text-right text-[0.78rem] text-soft">chance on {dayText(day)}</td>
          </tr>
        </tbody>
      </table>
      <p className="mt-2 max-w-[60rem] leading-snug">
        <span className="text-soft">Test for it:</span> {schoolTable[school].test}.{' '}
        <span className="text-soft">Of what:</span> {schoolTable[school].kind}.{' '}
        <span className="text-soft">Or none:</span> it stays as it dried; under glass with a spacer, or dusted
        with a soft dry brush and cleaned sooner.
      </p>
    </section>
  )
}

/** From one chance in ten to nine in ten, its months passed; null: never. */
function spanOf(
  { school, monthsDay }: Readiness<WaitingFilm>,
  films: readonly WaitingFilm[],
): readonly [number, number] | null {
  if (monthsDay === null) return null
  const at = (chance: number): number =>
    Math.max(
      ...films.map(({ forecast, laidDay }) => {
        const days = daysAtChance(forecast, schoolTable[school].needs, chance)
        return days === null ? Infinity : laidDay + days
      }),
    )
  const [low, high] = [at(0.1), at(0.9)]
  return Number.isFinite(high) ? [Math.max(low, monthsDay), Math.max(high, monthsDay)] : null
}

const yearOf = (day: number): string => dateOf(day).slice(0, 4)

/** First days of months along the ladder: this many, or one more. */
function ticksOf(first: number, last: number, count: number): readonly number[] {
  const months = Math.max(1, Math.round((last - first) / 30.4))
  const step = Math.max(1, Math.ceil(months / count))
  const start = dayOf(`${dateOf(first).slice(0, 7)}-01`)!
  return Array.from({ length: Math.floor(months / step) + 1 }, (_, at) =>
    monthsAfter(start, at * step),
  ).filter((day) => day >= first && day <= last)
}

/** Their names under it; the year where it changes. */
function Months({
  days,
  place,
  today,
  className,
}: {
  readonly days: readonly number[]
  readonly place: (day: number) => string
  readonly today: number
  readonly className: string
}) {
  return (
    <span className={className}>
      {days.map((day, at) => (
        <span key={day} className="absolute -translate-x-1/2 whitespace-nowrap" style={{ left: place(day) }}>
          {yearOf(day) === yearOf(days[at - 1] ?? today)
            ? monthName(day)
            : `${monthName(day).slice(0, 3)} ${yearOf(day)}`}
        </span>
      ))}
    </span>
  )
}

function whenText(ready: Readiness<WaitingFilm>, today: number): string {
  const { day, holds } = ready
  if (day === null) return `never: ${holds?.layer.name ?? 'a layer'} does not come so far`
  const from = day <= today ? 'now, after its test' : `from ${dayText(Math.ceil(day))}`
  return `${from}: ${decidedBy(ready)}`
}
