import { mayBeDone } from '../../core/finish/mayBeDone.ts'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import { listed } from '../../core/words.ts'
import type { Assessment } from '../../document/judging/assess.ts'
import { stageOn } from '../../document/judging/packed.ts'
import { meetingNames } from '../../document/picture/pictureDates.ts'
import { stillSoft } from '../../document/judging/stateReached.ts'
import type { Picture } from '../../document/picture/picture.ts'
import { dateText, dayText, upperFirst } from '../../ui/format.ts'

export interface OnDayProps {
  readonly picture: Picture
  readonly assessment: Assessment
  /** From and to which day the handle moves. */
  readonly span: readonly [number, number]
  /** The day the section is shown on. */
  readonly day: number
  /** Whether the depth of the films is still being reckoned. */
  readonly isComing: boolean
  /** Null: today. */
  readonly onDay: (day: number | null) => void
}

/** The handle of the living section: another day, what the films are then, and what may be done. */
export function OnDay({ picture, assessment, span, day, isComing, onDay }: OnDayProps) {
  const [from, to] = span
  const today = Math.floor(picture.today)
  const shown = Math.floor(day)
  const ahead = picture.painting.dates.filter(({ on }) => dayOf(on)! > today)
  return (
    <div className="relative">
      <input
        type="range"
        aria-label="The section on another day"
        aria-valuetext={dayText(shown)}
        className="block h-11 w-full cursor-ew-resize accent-[var(--today)]"
        min={Math.ceil(from)}
        max={Math.floor(to)}
        step={1}
        value={Math.min(shown, Math.floor(to))}
        onChange={({ target }) => {
          const next = Number(target.value)
          onDay(next === today ? null : next)
        }}
      />
      <div className="not-printed flex flex-wrap items-center gap-x-4 text-[0.85rem]">
        <label className="flex items-center gap-2 text-soft">
          or on
          <input
            type="date"
            aria-label="The section on this day"
            className="field w-38"
            min={dateOf(from)}
            value={dateOf(shown)}
            onChange={({ target }) => {
              const next = dayOf(target.value)
              if (next !== null) onDay(next === today ? null : Math.max(Math.ceil(from), next))
            }}
          />
        </label>
        {ahead.map(({ what, on }) => (
          <button
            key={`${what} ${on}`}
            type="button"
            className="min-h-9 link"
            onClick={() => onDay(dayOf(on))}
          >
            {upperFirst(meetingNames[what])} {dateText(on)}
          </button>
        ))}
      </div>
      <p className="min-h-[3.2rem] text-[0.85rem] leading-snug" aria-live="polite">
        {shown === today ? (
          <span className="text-soft">
            <span className="not-printed">Drag to see the section on another day.</span> Today:{' '}
            {mayBeDone[stageOn(picture, assessment, picture.today)]}
          </span>
        ) : (
          <>
            <span className="font-medium">{dayText(shown)}:</span>{' '}
            {mayBeDone[stageOn(picture, assessment, shown)]} {softText(picture, assessment, shown)}{' '}
            {nextBy(picture, assessment, shown)}{' '}
            <button type="button" className="min-h-6 link" onClick={() => onDay(null)}>
              Back to today
            </button>
            {isComing && <span className="text-soft"> The depth is coming.</span>}
          </>
        )}
      </p>
    </div>
  )
}

/** What still gives then. */
function softText(picture: Picture, assessment: Assessment, day: number): string {
  const soft = stillSoft(picture, assessment, day)
  return soft.length === 0 ? '' : `Likely still soft: ${listed(soft)}.`
}

/** What of the plan may go on by then. */
function nextBy({ layers }: Picture, assessment: Assessment, day: number): string {
  const planned = layers.flatMap((layer, at) =>
    layer.painted ? [] : [{ layer, date: assessment.layers[at]!.date }],
  )
  if (planned.length === 0) return ''
  const on = planned.filter(({ date }) => Math.floor(date.day) <= day)
  return on.length === 0
    ? 'Nothing more goes on before that.'
    : `Painted by then, if all goes as planned: ${on.map(({ layer }) => layer.name).join(', ')}.`
}
